<?php

declare(strict_types=1);

namespace DunePocket\Catalogue;

use DunePocket\Data\Node;

/** How a client answers with yes or no, from core/catalogue/brief/answers.yaml. */
final readonly class AnswerCues
{
    private string $yes;
    private string $no;
    private string $only;
    private string $noAtEnd;
    private string $asksOpenly;
    private string $asksWhatIsMissing;
    private string $noneOf;
    private string $ofAll;
    private string $takesUp;
    private string $beforeAsked;
    private string $afterAsked;
    private string $asksForMore;
    private string $asksToTell;
    private string $suggests;
    private string $tellsToTell;
    private string $asksOfBusiness;
    private string $cellYes;
    private string $cellNo;

    /** @param callable(string): string $expand makes a regular expression of a wording */
    public function __construct(Node $answers, callable $expand)
    {
        $opening = static fn (string $key): string => $expand('^'.$answers->string('lead').'(?:'.implode('|', $answers->strings($key)).')\b');
        $this->yes = $opening('yes');
        $this->no = $opening('no');
        $this->only = $expand('^(?:'.$answers->string('lead').'(?:'.implode('|', [...$answers->strings('yes'), ...$answers->strings('no')]).')\b[\s,.!]*)+'.$answers->string('courtesy').'$');
        $this->noAtEnd = $expand($answers->string('no_at_end'));
        $this->asksOpenly = $expand($answers->string('asks_openly'));
        $this->noneOf = $expand($answers->string('none_of'));
        $this->ofAll = $expand($answers->string('of_all'));
        $this->takesUp = $expand($answers->string('takes_up'));
        $this->beforeAsked = $expand($answers->string('before_asked'));
        $this->afterAsked = $expand($answers->string('after_asked'));
        $this->asksForMore = $expand($answers->string('asks_for_more'));
        $this->asksWhatIsMissing = $expand($answers->string('asks_what_is_missing'));
        $this->asksToTell = $expand($answers->string('asks_to_tell'));
        $this->suggests = $expand($answers->string('suggests'));
        $this->asksOfBusiness = $expand($answers->string('asks_of_business'));
        $this->cellYes = $expand('^(?:'.implode('|', $answers->strings('cell_yes')).')\W*$');
        $this->cellNo = $expand('^(?:'.implode('|', $answers->strings('cell_no')).')\W*$');
        $this->tellsToTell = $expand($answers->string('tells_to_tell'));
    }

    /** Whether the answer agrees to what was asked or refuses it; null when it does neither. */
    public function agrees(string $question, string $answer): ?bool
    {
        return match (true) {
            1 === preg_match($this->asksWhatIsMissing, $question) && $this->isNo($answer) => true,
            1 === preg_match($this->asksOfBusiness, $question) && $this->isNo($answer) => null,
            1 === preg_match($this->asksOpenly, $question) && 1 === preg_match($this->noneOf, $answer) => null,
            $this->isNo($answer), 1 === preg_match($this->noAtEnd, $answer) => false,
            $this->isYes($answer) => true,
            default => null,
        };
    }

    public function isYes(string $answer): bool
    {
        return 1 === preg_match($this->yes, $answer);
    }

    /** Whether a cell of a table, "Wanted?", does nothing but say that something is wanted or that it is not; null when it says more. */
    public function ofCell(string $cell): ?bool
    {
        return match (true) {
            1 === preg_match($this->cellNo, $cell) => false,
            1 === preg_match($this->cellYes, $cell) => true,
            $this->isOnly($cell) => !$this->isNo($cell),
            default => null,
        };
    }

    public function isNo(string $answer): bool
    {
        return 1 === preg_match($this->no, $answer);
    }

    /** Whether it says yes or no and nothing else: "Yeah, perfect, thanks." */
    public function isOnly(string $answer): bool
    {
        return 1 === preg_match($this->only, $answer);
    }

    /** "Neither, please." speaks of every question that was asked. */
    public function isOfAll(string $answer): bool
    {
        return 1 === preg_match($this->ofAll, $answer);
    }

    /** "Yes, those three, and one called Events". */
    public function takesUp(string $answer): bool
    {
        return 1 === preg_match($this->takesUp, $answer);
    }

    /** "Anything else?": asks for more of the same, not for something of its own. */
    public function asksForMore(string $question): bool
    {
        return 1 === preg_match($this->asksForMore, $question);
    }

    /** "Some practices have a login for patients.": asks whether one is wanted. */
    public function suggests(string $said): bool
    {
        return 1 === preg_match($this->suggests, $said);
    }

    /** Whether something is asked for without a question mark: "So tell me what you offer." */
    public function tellsToTell(string $said): bool
    {
        return 1 === preg_match($this->tellsToTell, $said);
    }

    /** "What do you do?": no yes or no answers it. */
    public function asksToTell(string $question): bool
    {
        return 1 === preg_match($this->asksToTell, $question);
    }

    /**
     * What a question asks about, without the words around it.
     *
     * @return array{string, int} the words, and where they begin in bytes
     */
    public function asked(string $question): array
    {
        $lead = 1 === preg_match($this->beforeAsked, $question, $m) ? \strlen($m[0]) : 0;
        $asked = preg_replace($this->afterAsked, '', substr($question, $lead)) ?? '';

        return [rtrim($asked, " ?\t"), $lead];
    }
}
