<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading;

use DunePocket\Brief\FactKind;
use DunePocket\Catalogue\Cues;

/**
 * Takes a source apart into blocks: headings, lists, tables, questions with their answers, "label: value" lines,
 * signatures. What a block stands under becomes its topic.
 */
final class Segmenter
{
    /** Words of these topics stand in lists of offerings too: "Costs budgeting". */
    private const IN_OFFERINGS = ['budget', 'location', 'proof', 'person', 'offering', 'area_served', 'existing_site', 'social_profile'];
    /** What is asked for is one list; a sentence after it speaks of something else. */
    private const LISTS = ['page_request', 'offering', 'audience', 'avoid_word', 'keyphrase', 'page_count', 'business_name'];
    /** Topics that only their content tells apart. */
    private const FEATURES = 'features';
    private const MENU = 'menu';
    private const NEEDS = 'needs';
    private const WHY = 'why';
    /** Why there is to be a site, rather than why people come. */
    private const AIM = '/^(?:to\b|because (?:we|i) (?:need|want)|more\b|get\b|so (?:that )?(?:people|we|i)\b|(?:we|i) (?:need|want))/iu';
    private const HEADING_WORDS = 8;
    private const SHORT_QUESTION = 4;
    private const SHORT_ANSWER = 11;
    /** "Yes, those three, and one called Events" */
    private const WHAT_WAS_SAID = '/^[^.]{0,25}?\b(?:those|these|them all|all (?:of (?:them|those|it)|three|four|five|six)|that lot|the lot)\b/iu';
    private const LABEL_WORDS = 3;
    private const LABEL_INSIDE = '/(?<=[.!?]\s|\n)(?<label>\p{Lu}[\p{L}\s\/&\'’-]{2,40}?)(?::| =|(?<asks>\?))\s+(?<answer>\S(?(asks).*|.*?(?:[.!?](?=\s)|$)))/us';
    private const SENTENCE = '/^(?=(?-i:\p{Lu}))(?=.*\b(?:we|i|it|they|you|is|are|was|has|have|should|must|would)\b)/iu';
    /** A sentence that leaves the list of what is offered. */
    private const SPEAKS_OF_ELSE = '/^(?:we|i|it|they|you|he|she|our|my|people|customers|clients|everything|everyone|the (?:web)?site|this|please|in)\b(?=.*\b(?:we|i|it|they|you|is|are|was|has|have|should|must|would|do|does|can|will|need|want)\b)|\b(?:web ?site|pages?)\b/iu';
    /** "Spokeworks Co-op: bike couriers in Sheffield." */
    private const NAME_OF_SEVERAL_WORDS = '/^\p{Lu}\S*(?:\s+(?:of|the|and|&|\+|\p{Lu}\S*))*\s+\p{Lu}\S*$/u';
    private const COUNTS = '/^(?:about |maybe |so |no more than |at most |not more than |up to |max(?:imum)? |around |roughly |probably )?(?:\d|one|two|three|four|five|six|seven|eight|nine|ten)\b/iu';
    private const TO_THE_DESIGNER = '/^(?:(?:and|oh|also|btw|ps|so)[, ]+)*(?:please|make|keep|can you|could you|can we|could we|we need|i need|i want|we want|it (?:should|must|needs))\b/iu';
    /** "OK. Pages. Home, prices I suppose. Anything else?": what is agreed to is in between. */
    private const BEFORE_ASKED = '/^\s*(?:(?:ok|okay|right|so|great|lovely|ha|good|perfect|brilliant|now|well|and|then|pages(?: then)?|features)[.,!:]+\s+)+/iu';
    private const AFTER_ASKED = '/(?:,? (?:i|we) (?:suppose|guess|assume|think|imagine))?[.?!]*\s*(?:anything else|what else|is that (?:all|it|right)|(?:would )?that (?:work|do)|right|yes|yeah|no|correct)?[?.!\s]*$/iu';
    private const ASKS_FOR_MORE = '/^(?:and |or )?(?:anything|what|is that|right|yes|no|correct|ok|would that)\b/iu';
    private const PAGE_EACH = '/^(?:an?|one) (?:separate |own )?page (?:for|per) /iu';
    /** An e-mail address or a telephone number alone. */
    private const REACHED_AT = '/^(?:\S+@\S+\.\S+|\+?[\d(][\d()\s.\-]{7,18}\d)$/u';
    private const UNMISTAKABLE_PAGE = '/^(?:home|about|contact|services?|products|gallery|news)\b/iu';
    private const LIST_LINES = 3;
    private const LIST_LINE_LENGTH = 64;
    private const YES = '/^(?:(?:oh|er|um|well|so)[,.]?\s+)*(?:yes|yeah|yep|yup|absolutely|definitely|of course|exactly|that[\'’]?s (?:right|it)|sure|spot on|bang on|that[\'’]?s the one|you got it|fine|okay|ok|lovely|great|correct|please do|right|perfect|sounds (?:good|right))\b/iu';
    /** "Anything special about your work?", "No cement, ever": none of something is an answer, not a no. */
    private const ASKS_OPENLY = '/^\s*(?:(?:and|so|ok|okay|right)[,.]?\s+)*(?:is there |have you )?any(?:thing)?\b/iu';
    private const NONE_OF = '/^no\s+(?!(?:not|no|nothing|idea|thanks?|thank|sorry|really|we|i|it|that|there|they|just|please|never|need|way|more|rush|hurry|problem|worries|doubt|preference|clue|opinion|change|extras?)\b)\p{L}/iu';
    /** Speaks of every question that was asked. */
    private const ALL_OF_THEM = '/^(?:(?:no|yes)[,.]? )?(?:n?either|none|both|all)\b/iu';
    private const NO = '/^(?:(?:oh|er|um|well|so|god)[,.]?\s+)*(?:no|nope|nah|never|who(?:[\'’]?s| is| has) (?:going|got|ever|time)|what would (?:i|we)|why would|not really|rather not|please don[\'’]?t|definitely not|absolutely not|not worth|don[\'’]?t think so|god no|neither|none of (?:those|these|them|that|it))\b/iu';

    /** @var list<Block> */
    private array $blocks = [];
    private ?string $topic = null;
    private bool $topicIsQuestion = false;
    /** The topic comes from a line that ends with a colon. */
    private bool $topicIsLabel = false;
    /** The question just asked, for answers of one word. */
    private ?Line $question = null;
    /** The line before was a question: capitals in the next one do not make a heading. */
    /** A question with its answer on the same line asks for nothing beyond that paragraph. */
    private bool $answeredInline = false;
    private bool $justAsked = false;
    /** The question just asked was the designer's: what the client says then asks for nothing. */
    private bool $designerAsked = false;
    /** Short lines above paragraphs are headings here, whatever they say. */
    private bool $headed = false;
    /** Questions or labels of this source carry numbers. */
    private bool $numbered = false;
    private int $age = 0;
    /** Number of the last numbered label. */
    private int $labelNumber = 0;
    /** @var array<int, string> topics of the questions a designer numbered */
    private array $asked = [];
    private int $paragraphStart = 0;
    private string $paragraph = '';

    public function __construct(private readonly Cues $cues)
    {
    }

    /**
     * @param list<Line> $lines
     *
     * @return list<Block>
     */
    public function segment(array $lines): array
    {
        $this->blocks = [];
        $this->topic = null;
        $this->topicIsQuestion = false;
        $this->question = null;
        $this->numbered = false;
        $this->paragraph = '';
        $this->age = 0;
        $this->labelNumber = 0;
        $this->asked = $this->numberedQuestions($lines);
        $listed = $this->bareLists($lines);
        $this->numbered = $this->hasNumberedLabels($lines);
        $this->headed = $this->hasHeadings($lines);
        $first = true;
        foreach ($lines as $i => $line) {
            if ($line->age !== $this->age) {
                $this->closeParagraph();
                if (!$this->justAsked || $line->age > $this->age) {
                    $this->forget();
                }
                $this->age = $line->age;
            }
            if (Role::Client !== $line->role) {
                $this->notTheClients($line);
                continue;
            }
            if ($line->isBlank()) {
                $this->closeParagraph();
                if ($this->answeredInline) {
                    $this->forget();
                }
                continue;
            }
            if ($this->shortAnswer($line)) {
                continue;
            }
            if (isset($listed[$i])) {
                $this->listLine($line);
                continue;
            }
            $next = $lines[$i + 1] ?? null;
            $justAsked = $this->justAsked;
            $this->line($line, !isset($lines[$i - 1]) || $lines[$i - 1]->isBlank(), null === $next || Role::Client !== $next->role ? '' : trim($next->text), $first);
            $this->justAsked = $this->justAsked && !$justAsked;
            $this->designerAsked = $this->designerAsked && $this->justAsked;
            $first = false;
        }
        $this->closeParagraph();

        return $this->byContent($this->blocks);
    }

    /**
     * "Features" asks for those of the site, or, under a product, for what the product does; "Menu" lists pages or
     * dishes; "We need" pages or features; "Why" why they come, or why there is to be a site. What stands there
     * decides.
     *
     * @param list<Block> $blocks
     *
     * @return list<Block>
     */
    private function byContent(array $blocks): array
    {
        $run = [];
        foreach ([...$blocks, null] as $i => $block) {
            if (null !== $block && \in_array($block->topic, [self::FEATURES, self::MENU, self::NEEDS, self::WHY], true)) {
                $run[$i] = $block;
                continue;
            }
            $text = implode("\n", array_map(static fn (Block $asked): string => $asked->text, $run));
            foreach ($run as $j => $asked) {
                $ofTheSite = self::MENU === $asked->topic
                    ? 1 === preg_match('/\b(?:home|about|contact|faq)\b/iu', $text)
                    : $this->areOfASite($text);
                $topic = match (true) {
                    self::WHY === $asked->topic => 1 === preg_match(self::AIM, $text) ? FactKind::Goal : FactKind::Differentiator,
                    self::NEEDS === $asked->topic => 1 === preg_match('/^(?:home|about|contact|faq)\b|\b(?:home|about)\s*,/imu', $text) ? FactKind::PageRequest : FactKind::Feature,
                    !$ofTheSite => FactKind::Offering,
                    self::MENU === $asked->topic => FactKind::PageRequest,
                    default => FactKind::Feature,
                };
                $blocks[$j] = new Block($asked->kind, $asked->start, $asked->text, $topic->value, $asked->age, $asked->agreed);
            }
            $run = [];
        }

        return array_values($blocks);
    }

    private function areOfASite(string $features): bool
    {
        return [] !== array_filter($this->cues->features, static fn (string $pattern): bool => 1 === preg_match($pattern, $features))
            || \count(array_filter(Phrase::list($features), fn (array $part): bool => null !== $this->cues->featureAlone($part[0]))) > 1;
    }

    private function notTheClients(Line $line): void
    {
        $this->closeParagraph();
        if (Role::Signature === $line->role) {
            if (!$line->isBlank()) {
                $this->add(BlockKind::Signature, $line->start, $line->text);
            }

            return;
        }
        if (Role::Frame === $line->role && 1 === preg_match('/^(?:\s*>)*\s*(From|To|Subject)\s*:\s*(.*)$/iu', $line->text, $m, \PREG_OFFSET_CAPTURE)) {
            $this->head(strtolower($m[1][0]), $m[2][0], $line->start + (int) $m[2][1]);

            return;
        }
        if (Role::Other === $line->role && !$line->isBlank()) {
            $this->ask($line, $this->cues->topic($line->text));
            $this->designerAsked = true;
        }
    }

    private function head(string $field, string $value, int $start): void
    {
        if ('subject' === $field) {
            $subject = preg_replace('/^(?:(?:re|fwd?|aw)\s*:\s*)+/i', '', $value) ?? $value;
            $this->add(BlockKind::Title, $start + \strlen($value) - \strlen($subject), $subject);
        } elseif ('from' === $field) {
            $this->add(BlockKind::Signature, $start, $value);
        }
    }

    private function ask(Line $question, ?string $topic): void
    {
        $this->topic = $topic;
        $this->topicIsQuestion = true;
        $this->topicIsLabel = false;
        $this->question = $question;
        $this->justAsked = true;
        $this->designerAsked = false;
        $this->answeredInline = false;
    }

    private function forget(): void
    {
        $this->answeredInline = false;
        $this->topic = null;
        $this->topicIsQuestion = false;
        $this->topicIsLabel = false;
        $this->question = null;
    }

    /** "Yes, exactly that." gives the question's words to the client; "No." refuses them. */
    private function shortAnswer(Line $line): bool
    {
        $question = $this->question;
        $this->question = null;
        if (null === $question || '' !== $this->paragraph || !str_contains($question->text, '?') || (str_word_count(preg_split('/[.!]\s/u', trim($line->text))[0] ?? '') > self::SHORT_ANSWER && 1 !== preg_match(self::WHAT_WAS_SAID, trim($line->text)))) {
            return false;
        }
        $agreed = match (true) {
            1 === preg_match(self::ASKS_OPENLY, $question->text) && 1 === preg_match(self::NONE_OF, trim($line->text)) => null,
            1 === preg_match(self::NO, trim($line->text)), 1 === preg_match('/[.!?]\s+(?:so |but )?no[.!]*$/iu', trim($line->text)) => false,
            1 === preg_match(self::YES, trim($line->text)) => true,
            default => null,
        };
        $question = 1 === preg_match(self::ALL_OF_THEM, trim($line->text)) ? $question : $this->lastQuestion($question);
        if (null === $agreed || 1 === preg_match('/\b(?:could|can|would|will) you (?:tell|say|describe|explain)\b/iu', $question->text) || 1 === preg_match('/^\s*(?:Q\s*\d*\s*[.:)])?\s*(?:what|who|where|when|which|how|why|(?:and |so )?(?:could|can|would|will) you (?:tell|say|describe|explain)|(?:ok|okay|right|so)?[,. ]*tell me)\b/iu', $question->text)) {
            return false;
        }
        $lead = 1 === preg_match(self::BEFORE_ASKED, $question->text, $m) ? \strlen($m[0]) : 0;
        $asked = preg_replace(self::AFTER_ASKED, '', substr($question->text, $lead)) ?? '';
        $this->blocks[] = new Block(BlockKind::Paragraph, $question->start + $lead, rtrim($asked, " ?\t"), $this->topic, $this->age, $agreed);

        return str_word_count($line->text) < 4 && 1 !== preg_match('/,|\b(?:but|and)\b/iu', $line->text);
    }

    /** "How many pages do you have in mind? Four to six?": the second is answered. */
    private function lastQuestion(Line $question): Line
    {
        if (1 !== preg_match('/^(.*\?\s+)(\S[^?]*\?)\s*$/us', $question->text, $m) || 1 === preg_match(self::ASKS_FOR_MORE, $m[2])) {
            return $question;
        }

        return new Line($question->start + \strlen($m[1]), $m[2]);
    }

    /**
     * "1. About us", "2. Services": at least two numbered lines that ask for something.
     *
     * @param list<Line> $lines
     */
    private function hasNumberedLabels(array $lines): bool
    {
        $labels = array_filter($lines, fn (Line $line): bool => 1 === preg_match('/^\s*\d{1,2}[.)]\s+(\p{Lu}[^.,;]{1,48}?)\s*:?\s*$/u', $line->text, $m) && null !== $this->cues->topic($m[1]));

        return \count($labels) > 1;
    }

    /**
     * At least three short lines after an empty one that ask for something.
     *
     * @param list<Line> $lines
     */
    private function hasHeadings(array $lines): bool
    {
        $headings = 0;
        foreach ($lines as $i => $line) {
            $bare = trim($line->text);
            $before = $lines[$i - 1] ?? null;
            $next = $lines[$i + 1] ?? null;
            if (null !== $next && !$next->isBlank() && ($before?->isBlank() ?? true) && 1 === preg_match('/^[A-Za-z][^:.,;!?@]{2,30}$/', $bare) && str_word_count($bare) <= self::LABEL_WORDS + 3 && null !== $this->cues->topic($bare)) {
                ++$headings;
            }
        }

        return $headings > 2;
    }

    /**
     * Lines of a list without any mark: short, no full stop, three or more in a row.
     *
     * @param list<Line> $lines
     *
     * @return array<int, true> numbers of the lines
     */
    private function bareLists(array $lines): array
    {
        $listed = [];
        $run = [];
        $under = null;
        foreach ([...$lines, new Line(0, '')] as $i => $line) {
            $bare = trim($line->text);
            $before = isset($lines[$i - 1]) ? trim($lines[$i - 1]->text) : '';
            $next = isset($lines[$i + 1]) ? trim($lines[$i + 1]->text) : '';
            $asked = match (true) {
                str_contains($bare, ',') => null,
                str_word_count($bare) <= self::LABEL_WORDS + 1 => $this->cues->topic($bare),
                default => '' === $before && '' !== $next ? $this->cues->topics->ofLabel($bare) : null,
            };
            $isHeading = null !== $asked && null !== $under && [] === $run && '' === $before && '' !== $next && 1 !== preg_match(self::UNMISTAKABLE_PAGE, $bare);
            if ('' !== $bare && !$isHeading && Role::Client === $line->role && mb_strlen($bare) <= self::LIST_LINE_LENGTH && 1 !== preg_match('/[.,;:?!]$|^[-*•·–|>#]|^\d+[.)]\s|^[\p{L}\s]{2,30}:|\*\*|\?\s|^(?:hi|hello|hey|dear)\b/iu', $bare) && (null === $asked || FactKind::PageRequest->value === $under || (FactKind::Offering->value === $under && [] !== $run && \in_array($asked, self::IN_OFFERINGS, true)))) {
                $run[] = $i;
                continue;
            }
            $under = $asked ?? ('' === $bare || '' === trim($bare, '-=_*') ? $under : null);
            if (\count($run) >= self::LIST_LINES) {
                $listed += array_fill_keys($run, true);
            }
            $run = [];
        }

        return $listed;
    }

    private function listLine(Line $line): void
    {
        $this->closeParagraph();
        if (!$this->inlineLabel($line->start, $line->text)) {
            $this->add(BlockKind::Item, $line->start, $line->text, $this->topic);
        }
    }

    private function line(Line $line, bool $afterBlank, string $next, bool $isFirst): void
    {
        [$start, $text] = [$line->start, $line->text];
        $bare = trim($text);
        if (1 === preg_match('/^(?:={3,}|-{3,}|\*{3,}|_{5,})$/', $bare)) {
            if ('' !== $this->paragraph && str_contains('=-', $bare[0])) {
                $heading = $this->paragraph;
                $this->paragraph = '';
                $this->heading($this->paragraphStart, $heading, $isFirst);
            } else {
                $this->closeParagraph();
            }

            return;
        }
        if ('' !== $this->paragraph && !$this->topicIsQuestion && 1 === preg_match(self::REACHED_AT, $bare)) {
            $this->closeParagraph();
            $this->add(BlockKind::Paragraph, $start, $text);

            return;
        }
        if ($this->tableRow($start, $text) || $this->columns($start, $text)) {
            return;
        }
        if (1 === preg_match('/^(\s*#{1,6}\s+)(.*?)\s*#*$/', $text, $m)) {
            $this->closeParagraph();
            $this->headingOrQuestion($start + \strlen($m[1]), $m[2], $isFirst);

            return;
        }
        if ($this->bold($start, $text, $isFirst)) {
            return;
        }
        if (1 === preg_match('/^(\s*(?:A\s?\d{0,2}|Answer)\s*[.:)]\s*)(.*)$/i', $text, $m) && $this->topicIsQuestion) {
            $this->closeParagraph();
            if (!$this->shortAnswer(new Line($start + \strlen($m[1]), $m[2]))) {
                $this->add(BlockKind::Answer, $start + \strlen($m[1]), $m[2], $this->topic);
            }

            return;
        }
        if ($this->numberedAnswer($start, $text)) {
            return;
        }
        if ($this->request($start, $text) || (!$this->designerAsked && $this->question($start, $text)) || $this->label($start, $text) || $this->numberedLabel($text)) {
            return;
        }
        if (1 === preg_match('/^(\s*(?:[-*•–·‣◦▪●○→✓✔►]|\d{1,2}[.)]|\d{1,2}(?:\.\d){1,2}\.?|\(?[a-z]\))\s+)(\S.*)$/u', $text, $m)) {
            $this->closeParagraph();
            if (!$this->inlineLabel($start + \strlen($m[1]), $m[2])) {
                $this->add(BlockKind::Item, $start + \strlen($m[1]), $m[2], $this->topic);
            }

            return;
        }
        if ('' === $this->paragraph && $this->looksLikeHeading($bare, $next, $afterBlank)) {
            $this->headingOrQuestion($start, $bare, $isFirst);

            return;
        }
        if ('' === $this->paragraph && ($this->inlineLabel($start, $text) || $afterBlank && $this->runInHeading($start, $text))) {
            return;
        }
        if ('' === $this->paragraph) {
            if ($this->afterList() && ($afterBlank && $this->topicIsLabel || 1 === preg_match(self::SENTENCE, $text))) {
                $this->forget();
            }
            $this->paragraphStart = $start;
            $this->paragraph = $text;
        } else {
            $this->paragraph .= "\n".$text;
        }
    }

    /** "Pages:", a list: a sentence after it, or anything after an empty line, stands on its own again. */
    private function afterList(): bool
    {
        $last = $this->blocks[\count($this->blocks) - 1] ?? null;

        return BlockKind::Item === $last?->kind;
    }

    /** "| Pages | Home, Prices |": the first cell asks, the second answers. */
    private function tableRow(int $start, string $text): bool
    {
        if (1 !== preg_match('/^\s*\|(?<ask>[^|]*)\|(?<answer>.*?)\|?\s*$/u', $text, $m, \PREG_OFFSET_CAPTURE)) {
            return false;
        }
        $this->closeParagraph();
        $this->forget();
        [$answer, $offset] = $m['answer'];
        if (1 !== preg_match('/^[\s|:\-]*$/', $text)) {
            $this->add(BlockKind::Answer, $start + (int) $offset, $answer, $this->cues->topic(trim($m['ask'][0], ' *')));
        }

        return true;
    }

    /** "Town          Wakefield": what asks and what answers in columns set with spaces or tabs. */
    private function columns(int $start, string $text): bool
    {
        if (1 !== preg_match('/^\s*(?<ask>\p{L}[^|\t:]{1,40}?)\s*(?:\t+|\s{3,})(?<answer>\S.*)$/u', $text, $m, \PREG_OFFSET_CAPTURE)) {
            return false;
        }
        $topic = $this->cues->topic($m['ask'][0]);
        if (null === $topic) {
            return false;
        }
        $this->closeParagraph();
        $this->forget();
        $this->add(BlockKind::Answer, $start + (int) $m['answer'][1], $m['answer'][0], $topic);

        return true;
    }

    private function bold(int $start, string $text, bool $isFirst): bool
    {
        if (1 !== preg_match('/^(\s*(?:[-*]\s+)?(?:\*\*|__|\*(?=\S)|_(?=\S)))(.+?)(?:\*\*|__|\*|_)([:.]?)\s*(?:[–—-]\s+)?(.*)$/u', $text, $m) || \strlen($m[2]) >= 160) {
            return false;
        }
        $this->closeParagraph();
        $rest = ltrim($m[4], ': ');
        $asks = rtrim($m[2], ':. ');
        $this->headingOrQuestion($start + \strlen($m[1]), $asks, $isFirst && '' === $rest);
        if ('' !== $rest) {
            $this->paragraphStart = $start + (int) strrpos($text, $rest);
            $this->paragraph = $rest;
            if (null !== $this->topic) {
                $this->topicIsQuestion = true;
            }
        }

        return true;
    }

    /** "Describe your brand's personality", on a line of its own. */
    private function request(int $start, string $line): bool
    {
        if ('' !== $this->paragraph || 1 !== preg_match('/^(?<lead>\s*(?:Q?\s*\d{1,2}\s*[.):]\s*)?)(?<asks>(?:please\s+)?(?:tell (?:us|me)|describe|list|name|explain|outline|give (?:us|me)|let (?:us|me) know|share|write down)\b[^.!?:]{3,120})[:.]?\s*$/iu', $line, $m)) {
            return false;
        }
        $topic = $this->cues->topic($m['asks']);
        if (null === $topic || 1 !== preg_match('/\b(?:you|your|the|any|all|three|main|yourself)\b/i', $m['asks'])) {
            return false;
        }
        $this->closeParagraph();
        $this->numbered = $this->numbered || 1 === preg_match('/\d/', $m['lead']);
        $this->ask(new Line($start + \strlen($m['lead']), $m['asks']), $topic);

        return true;
    }

    private function question(int $start, string $line): bool
    {
        if (1 === preg_match('/^(\s*Q(?:\s*\d+\s*[.:)]?\s+|\s*[.:)]\s*))([^?]+)$/iu', $line, $m)) {
            $this->closeParagraph();
            $this->ask(new Line($start + \strlen($m[1]), $m[2]), $this->cues->topic($m[2]));

            return true;
        }
        if (1 !== preg_match('/^(\s*(?:(?:Q|Question|No)\.?\s*\d+\s*[.:)]?|Q\s*[.:)]|(?:[-*]\s*)?\d{1,2}\s*[.):]|[-*])?\s*)([^?]{3,160}\?(?:\s*[^?.]{2,40}\?$)?(?:\s*\([^)]*\))?)\s*[:\-–]?\s*(.*)$/iu', $line, $m)) {
            return false;
        }
        $numbered = 1 === preg_match('/[Q\d]/', $m[1]);
        $topic = $this->cues->topic(rtrim($m[2], '? '));
        $asksTheClient = 1 === preg_match('/\b(?:you|your|who|what|how|where|which|when)\b|^(?:anything|anyone|something)\b|^(?:is|are|any|should|do|does) .*\b(?:there|any|we|it)\b/i', $m[2]);
        $alone = '' === $m[3] && '' === $this->paragraph;
        $short = str_word_count($m[2]) <= self::SHORT_QUESTION;
        if (!$numbered && ((null === $topic && !$alone) || (!$asksTheClient && !($short && null !== $topic)) || 1 === preg_match('/\b(?:i|my)\b/i', $m[2]) || 1 === preg_match('/^(?:can|could|would|will) (?:you|we|i)\b/i', $m[2]))) {
            return false;
        }
        $this->closeParagraph();
        if (null === $topic && [] === $this->blocks && 1 === preg_match(self::NAME_OF_SEVERAL_WORDS, $m[2]) && 1 === preg_match('/^\p{Ll}/u', $m[3])) {
            $this->add(BlockKind::Title, $start + \strlen($m[1]), $m[2]);
        }
        $this->numbered = $this->numbered || 1 === preg_match('/\d/', $m[1]);
        $this->ask(new Line($start + \strlen($m[1]), $m[2]), $topic);
        if ('' !== $m[3] && !$numbered && $this->shortAnswer(new Line($start + \strlen($line) - \strlen($m[3]), $m[3]))) {
            $this->forget();

            return true;
        }
        if ('' !== $m[3]) {
            $this->add(BlockKind::Answer, $start + \strlen($line) - \strlen(ltrim($m[3])), ltrim($m[3]), $topic);
            $this->question = null;
            $this->answeredInline = true;
        }

        return true;
    }

    private function label(int $start, string $line): bool
    {
        if (1 !== preg_match('/^(\s*(?:[-*•]\s+|\d{1,2}[.)]\s+)?)([\p{L}][\p{L}\s\/&\'’(),-]{1,60}?)\s*:\s*(.*)$/u', $line, $m)) {
            return false;
        }
        if (1 === preg_match('/^(?:so|and|ok|okay|right|now),?\s+(?=(?:what|who|which|why|how|where)\b)/iu', $m[2], $lead)) {
            $m[1] .= $lead[0];
            $m[2] = substr($m[2], \strlen($lead[0]));
        }
        if ([] === $this->blocks && 1 === preg_match('/\b(?:website|web ?site)?\s*brief\b/iu', $m[3])) {
            return false;
        }
        if (1 === preg_match(self::PAGE_EACH, $m[2])) {
            return false;
        }
        $isKnown = null !== $this->cues->topics->ofLabel($m[2]);
        if (!$isKnown && 1 === preg_match('/^(?:no|not|never|nope|please no)\b/iu', $m[3])) {
            return false;
        }
        $asks = 1 === preg_match('/^(?:what|who|which|whom|why|how|where)\b/i', $m[2]);
        if (!$isKnown && (str_word_count($m[2]) > self::HEADING_WORDS || 1 === preg_match($asks ? '/\b(?:need)\b/i' : '/\b(?:is|are|was|need|i)\b|^(?:no|please|but|so|and)\b(?! thanks)/i', $m[2]))) {
            return false;
        }
        $last = $this->blocks[\count($this->blocks) - 1] ?? null;
        $goesOn = 1 === preg_match('/^(?:and |oh )?(?:also|plus)$/iu', $m[2]) && BlockKind::Answer === $last?->kind && FactKind::Offering->value === $last->topic;
        $topic = $goesOn ? FactKind::Offering->value : $this->cues->topic($m[2]);
        if (null === $topic && (!$this->isCapitalLabel($m[2]) || $this->isOfASite($m[2]) || ($this->justAsked && $this->topicIsQuestion && null !== $this->topic))) {
            return false;
        }
        if (null !== $topic && $this->saysMore($m[2])) {
            $this->closeParagraph();
            $this->add(BlockKind::Heading, $start + \strlen($m[1]), $m[2]);
        }
        $inList = 1 === preg_match('/[-*•·]/u', $m[1]) && null !== $this->topic;
        if ($inList && '' !== $m[3] && null === $topic) {
            return false;
        }
        $this->closeParagraph();
        if (null === $topic && [] === $this->blocks && 1 === preg_match(self::NAME_OF_SEVERAL_WORDS, $m[2]) && 1 === preg_match('/^\p{Ll}/u', $m[3])) {
            $this->add(BlockKind::Title, $start + \strlen($m[1]), $m[2]);
        }
        $this->numbered = $this->numbered || 1 === preg_match('/\d/', $m[1]);
        if ('' === $m[3]) {
            $this->topic = $topic;
            $this->topicIsQuestion = false;
            $this->topicIsLabel = true;
        } else {
            $at = $start + \strlen($line) - \strlen($m[3]);
            $this->answer($at, $m[3], $topic);
            if (!$inList && '' === $m[1]) {
                $this->forget();
            }
        }

        return true;
    }

    /** "Can we have five pages:" is more than a label. */
    private function saysMore(string $label): bool
    {
        return str_word_count($label) > self::LABEL_WORDS || null !== Numeral::range($label);
    }

    /** "Forum: everybody said no" speaks of the forum. */
    private function isOfASite(string $words): bool
    {
        return 1 === preg_match($this->cues->siteThings, $words) || [] !== array_filter($this->cues->namedFeatures, static fn (string $pattern): bool => 1 === preg_match($pattern, $words));
    }

    /** "Rooms: …" with a name we have no topic for still keeps what follows from being taken for a sentence. */
    private function isCapitalLabel(string $words): bool
    {
        return '' === $this->paragraph && 1 === preg_match('/^[A-Z]/', $words) && str_word_count($words) <= 3 && 1 !== preg_match('/\b(?:we|hi|hello|dear)\b/i', $words);
    }

    /** "Pages - home, gallery", "pages i reckon: home, hire", "Tone: calm" inside a list or a paragraph. */
    private function inlineLabel(int $start, string $text): bool
    {
        if (1 !== preg_match('/^(?<label>\s*[\p{L}][\p{L}\s\'’\/&-]{2,40}?)(?:\s*:\s+|\s+[–—=-]\s+)(?<value>\S.*)$/u', $text, $m, \PREG_OFFSET_CAPTURE)) {
            return false;
        }
        $label = trim($m['label'][0]);
        if (preg_match_all('/\s[-–—]\s/u', $text) > 2) {
            return false;
        }
        $topic = str_word_count($label) <= 4 ? $this->cues->topic($label) : null;
        if (null === $topic || 1 === preg_match('/\b(?:is|are|was|need)\b/i', $label)) {
            return false;
        }
        $this->closeParagraph();
        $last = $this->blocks[\count($this->blocks) - 1] ?? null;
        if (1 === preg_match('/^(?:and |oh )?(?:also|plus)$/iu', $label) && BlockKind::Answer === $last?->kind && FactKind::Offering->value === $last->topic) {
            $topic = $last->topic;
        }
        if ($this->saysMore($label)) {
            $this->add(BlockKind::Heading, $start, $label);
        }
        $this->add(BlockKind::Answer, $start + (int) $m['value'][1], $m['value'][0], $topic);

        return true;
    }

    /** "Audience. Residents and plot-holders.": a heading in the line it stands over. */
    private function runInHeading(int $start, string $text): bool
    {
        if (1 !== preg_match('/^(?!An?\s)(?<heading>\p{Lu}[\p{L}\s&\/-]{2,30})\.\s+(?<text>\p{Lu}.*)$/u', $text, $m, \PREG_OFFSET_CAPTURE) || str_word_count($m['heading'][0]) > self::LABEL_WORDS) {
            return false;
        }
        $topic = $this->cues->topics->ofLabel($m['heading'][0]);
        if (null === $topic) {
            return false;
        }
        $this->topic = $topic;
        $this->topicIsQuestion = true;
        $this->topicIsLabel = true;
        $this->paragraphStart = $start + (int) $m['text'][1];
        $this->paragraph = $m['text'][0];

        return true;
    }

    /**
     * "3. Who your customers are", in the designer's message.
     *
     * @param list<Line> $lines
     *
     * @return array<int, string> topics by number; none where fewer than three are asked
     */
    private function numberedQuestions(array $lines): array
    {
        $asked = [];
        foreach ($lines as $line) {
            if (Role::Other === $line->role && 1 === preg_match('/^\s*(\d{1,2})[.)]\s+(.{3,90})$/u', $line->text, $m)) {
                $topic = $this->cues->topic(rtrim($m[2], '?.: '));
                if (null !== $topic) {
                    $asked[(int) $m[1]] = $topic;
                }
            }
        }

        return \count($asked) < 3 ? [] : $asked;
    }

    /** "3. Homeowners and landlords": understood by the question of that number. */
    private function numberedAnswer(int $start, string $text): bool
    {
        if ([] === $this->asked || 1 !== preg_match('/^(?<lead>\s*(?<number>\d{1,2})[.)]\s+)(?<answer>[^?]+)$/u', $text, $m) || !isset($this->asked[(int) $m['number']])) {
            return false;
        }
        $this->closeParagraph();
        $this->answer($start + \strlen($m['lead']), $m['answer'], $this->asked[(int) $m['number']]);
        $this->forget();

        return true;
    }

    /** "13) Address", among numbered questions. */
    private function numberedLabel(string $line): bool
    {
        if (!$this->numbered || 1 !== preg_match('/^\s*(\d{1,2})[.)]\s+(.{2,50}?)\s*:?\s*$/u', $line, $m)) {
            return false;
        }
        $topic = $this->cues->topic($m[2]);
        if (null === $topic && ((int) $m[1] !== $this->labelNumber + 1 || 1 !== preg_match('/^\p{Lu}/u', $m[2]))) {
            return false;
        }
        $this->labelNumber = (int) $m[1];
        $this->closeParagraph();
        $this->topic = $topic;
        $this->topicIsQuestion = true;

        return true;
    }

    private function looksLikeHeading(string $bare, string $next, bool $afterBlank): bool
    {
        $words = \count(preg_split('/\s+/', $bare) ?: []);
        if ($words > self::HEADING_WORDS || 1 === preg_match('/[.!,;]$|,/', $bare) || 1 === preg_match('/^(?:hi|hiya|hello|hey|dear|good (?:morning|afternoon))\b/i', $bare)) {
            return false;
        }
        if (mb_strtoupper($bare) === $bare && 1 === preg_match('/\p{L}{3}/u', $bare) && !$this->justAsked) {
            return true;
        }
        $asks = null !== $this->cues->topic(rtrim($bare, ':'));
        if ('' === $next) {
            return $asks && str_ends_with($bare, ':');
        }
        if (str_ends_with($bare, ':')) {
            return $afterBlank || $asks;
        }
        if ($this->headed && $afterBlank && $asks && $words <= self::LABEL_WORDS + 3) {
            return true;
        }

        if ($this->headed && $afterBlank && $words <= 3 && 1 === preg_match('/^[A-Z][^:]*$/', $bare) && !str_contains($bare, '@')) {
            return true;
        }

        return $asks && $words <= 5 && 1 === preg_match('/^[A-Z]/', $bare) && 1 !== preg_match('/\b(?:is|are|have|want|need|i)\b/i', $bare);
    }

    private function headingOrQuestion(int $start, string $text, bool $atTop): void
    {
        if (str_contains($text, '?') && $this->question($start, $text)) {
            return;
        }
        $this->heading($start, $text, $atTop);
    }

    private function heading(int $start, string $text, bool $atTop): void
    {
        $this->topic = $this->cues->topic(rtrim(preg_replace('/^(?:Question\s+)?\d{1,2}(?:\.\d)?[.)]?\s+/', '', $text) ?? $text, ':. '));
        $this->topicIsQuestion = false;
        $this->topicIsLabel = str_ends_with(rtrim($text), ':');
        $this->question = null;
        $this->add($atTop && null === $this->topic ? BlockKind::Title : BlockKind::Heading, $start, $text);
    }

    /** Labels inside a paragraph, "… Tone: dry. Banned words: craft, artisan.", start a block of their own. */
    private function closeParagraph(): void
    {
        $text = $this->paragraph;
        $this->paragraph = '';
        if ('' === $text) {
            return;
        }
        if ($this->topicIsQuestion && $this->speaksToTheDesigner($text)) {
            $this->forget();
        }
        if ($this->topicIsQuestion) {
            $this->answer($this->paragraphStart, $text, $this->topic);
        } else {
            $this->addWithLabels(BlockKind::Paragraph, $this->paragraphStart, $text, $this->topic);
        }
    }

    /** "make it fun", after the answer was given. */
    private function speaksToTheDesigner(string $text): bool
    {
        $last = $this->blocks[\count($this->blocks) - 1] ?? null;

        return BlockKind::Answer === $last?->kind && $last->topic === $this->topic && 1 === preg_match(self::TO_THE_DESIGNER, $text);
    }

    /** Where one list is asked for, a whole sentence after it speaks of something else. */
    private function answer(int $start, string $text, ?string $topic): void
    {
        $list = \in_array($topic, self::LISTS, true) ? $this->listed($text, $topic) : \strlen($text);
        $this->addWithLabels(BlockKind::Answer, $start, substr($text, 0, $list), $topic);
        $this->addWithLabels(BlockKind::Paragraph, $start + $list, substr($text, $list), null);
    }

    /** How many bytes of an answer are still the list that was asked for: its first sentence, and those that go on with it. */
    private function listed(string $text, string $topic): int
    {
        preg_match_all('/(?<=[.!?])\s+(?=\p{Lu}|\d)/u', $text, $ends, \PREG_OFFSET_CAPTURE);
        foreach ($ends[0] as [$space, $end]) {
            $before = substr($text, 0, (int) $end);
            $next = preg_split('/(?<=[.!?])\s/u', substr($text, (int) $end + \strlen($space)))[0] ?? '';
            $speaks = 1 === preg_match(\in_array($topic, [FactKind::Offering->value, FactKind::Audience->value], true) ? self::SPEAKS_OF_ELSE : self::SENTENCE, $next);
            $isPages = FactKind::PageRequest->value === $topic;
            if ($isPages && 1 === preg_match(self::COUNTS, $next)) {
                continue;
            }
            if ($speaks || ($isPages && str_contains($before, ','))) {
                return (int) $end;
            }
        }

        return \strlen($text);
    }

    private function addWithLabels(BlockKind $kind, int $start, string $text, ?string $topic): void
    {
        $from = 0;
        preg_match_all(self::LABEL_INSIDE, $text, $labels, \PREG_SET_ORDER | \PREG_OFFSET_CAPTURE);
        foreach ($labels as $label) {
            [$words, $at] = [$label['label'][0], (int) $label['label'][1]];
            $asked = $this->cues->topic($words);
            if (null === $asked || $at < $from) {
                continue;
            }
            $this->add($kind, $start + $from, substr($text, $from, $at - $from), $topic);
            [$answer, $from] = [$label['answer'][0], (int) $label['answer'][1]];
            if ('' !== ($label['asks'][0] ?? '') && 1 === preg_match(self::NO, $answer)) {
                $this->blocks[] = new Block(BlockKind::Paragraph, $start + $at, $words, $asked, $this->age, false);
                $from += \strlen($answer);
                continue;
            }
            if ($this->saysMore($words)) {
                $this->add(BlockKind::Heading, $start + $at, $words);
            }
            $this->add(BlockKind::Answer, $start + $from, $answer, $asked);
            $from += \strlen($answer);
        }
        $this->add($kind, $start + $from, substr($text, $from), $topic);
    }

    private function add(BlockKind $kind, int $start, string $text, ?string $topic = null): void
    {
        $trimmed = ltrim($text);
        if ('' !== $trimmed) {
            $this->blocks[] = new Block($kind, $start + \strlen($text) - \strlen($trimmed), rtrim($trimmed), $topic, $this->age);
        }
    }
}
