<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Conversing;

use DunePocket\Brief\Reading\Line;
use DunePocket\Brief\Reading\Role;

/** The messages of a thread as far as they are read, each line with its age and whose words it holds. */
final class Messages
{
    /** From so many questions on that were answered below, all that is quoted asks: "> Photos". */
    private const ANSWERED_BELOW = 2;
    private const NUMBERED = '/^\s*\d{1,2}[.)]\s/';

    /** @var non-empty-list<list<Line>> the newest first */
    private array $messages = [[]];
    private ?string $sender = null;
    /** The message is the designer's, or somebody else's. */
    private bool $byOther = false;
    private bool $quotedSince = false;
    /** A numbered question was quoted: further numbers are the same one's. */
    private bool $asksByNumber = false;
    private bool $justAsked = false;
    /** How many quoted questions had their answer right below. */
    private int $answered = 0;

    /** @param list<string> $greeted first names, in lower case, of those whom the client writes to */
    public function __construct(private readonly array $greeted)
    {
    }

    /** @return non-empty-list<list<Line>> */
    public function messages(): array
    {
        return $this->messages;
    }

    /** "On Tue, Ada wrote:": an older message begins. */
    public function quote(Line $line): void
    {
        $this->byOther = null === $this->sender ? $this->isGreeted($line->text) : $this->isAnother($line->text);
        $this->quotedSince = $this->asksByNumber = $this->justAsked = false;
        $this->answered = 0;
        $this->messages[] = [];
        $this->add(new Line($line->start, $line->text, $this->age(), Role::Frame));
    }

    /**
     * A line of a message's head.
     *
     * @param string $field in lower case: "from", "subject", …
     * @param bool   $first the head begins with it, after other lines
     */
    public function head(Line $line, string $field, string $value, bool $first): void
    {
        if ($first && $this->hasWords()) {
            $this->messages[] = [];
        }
        if ('from' === $field) {
            $this->byOther = $this->isAnother($value.' wrote');
            $this->sender ??= $value;
        }
        $this->add(new Line($line->start, $this->byOther ? '' : $line->text, $this->age(), Role::Frame));
    }

    /** @param int $quoted how many bytes of the line mark it as quoted; what stands unmarked below answers the quote */
    public function say(Line $line, int $quoted): void
    {
        $text = substr($line->text, $quoted);
        $answersBelow = 0 === $quoted && '' !== trim($text) && $this->quotedSince;
        $this->quotedSince = $this->quotedSince || $quoted > 0;
        $age = match (true) {
            $quoted > 0 => max(1, $this->age()),
            $answersBelow => max(0, $this->age() - 1),
            default => $this->age(),
        };
        $isNumbered = $quoted > 0 && 1 === preg_match(self::NUMBERED, $text);
        $asks = $quoted > 0 && '' !== trim($text) && (str_ends_with(rtrim($text), '?') || ($isNumbered && $this->asksByNumber) || $this->answered >= self::ANSWERED_BELOW);
        $this->answered += $answersBelow && $this->justAsked ? 1 : 0;
        $this->justAsked = $asks || ($this->justAsked && !$answersBelow);
        $this->asksByNumber = $this->asksByNumber || ($isNumbered && $asks);
        $this->add(new Line($line->start + $quoted, $text, $age, ($this->byOther && !$answersBelow) || $asks ? Role::Other : Role::Client));
    }

    private function add(Line $line): void
    {
        $this->messages[$this->age()][] = $line;
    }

    private function age(): int
    {
        return \count($this->messages) - 1;
    }

    private function hasWords(): bool
    {
        return [] !== array_filter($this->messages[$this->age()], static fn (Line $line): bool => !$line->isBlank() && Role::Frame !== $line->role);
    }

    private function isGreeted(string $words): bool
    {
        return [] !== array_filter($this->greeted, static fn (string $name): bool => 1 === preg_match('/\b'.preg_quote($name, '/').'\b/iu', $words));
    }

    /** Whether somebody else than the sender of the newest message is named as the one who wrote. */
    private function isAnother(string $words): bool
    {
        if (null === $this->sender || '' === trim($words)) {
            return false;
        }
        preg_match_all('/[\p{L}]{3,}/u', mb_strtolower($this->sender), $known);
        preg_match_all('/[\p{L}]{3,}/u', mb_strtolower($words), $these);
        $known = array_diff($known[0], ['com', 'example', 'wrote', 'hello', 'info']);

        return 1 === preg_match('/@|wrote/i', $words) && [] === array_intersect($known, $these[0]);
    }
}
