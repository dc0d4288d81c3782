<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser\Offerings;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Phrase;
use DunePocket\Brief\Reading\Sentence;
use DunePocket\Catalogue\Cues;

/** "the sauna is £9 for 45 min", "Splicing course – a full day, £95", "our tasting menu (seven courses, £68)" */
final readonly class PricedThings
{
    private const CERTAINTY = 0.85;
    private const NOTHING_OFFERED = '/budget|hosting|\bcosts?\b(?!\s*[£$€])|fee\b|deposit|delivery|postage/iu';

    private const WORDS = '(?:(?:twenty|thirty|forty|fifty|sixty|seventy|eighty|ninety)(?:[- ](?:one|two|three|four|five|six|seven|eight|nine))?|ten|twelve|fifteen|(?:an?|one|two|three|four|five) hundred(?: and \p{L}+)?) (?:pounds|quid|euros|dollars)';
    private const NO_THING = '(?!(?:it|this|that|budget|price|they|he|she|which|we|i|what|there)\b)';

    private string $priced;
    /** @var list<string> patterns of a name with what is said about it, its price among it */
    private array $described;

    public function __construct(private Cues $cues)
    {
        $price = '(?:'.substr($cues->money, 1, -3).'|'.self::WORDS.')';
        $this->described = [
            '~^\W*(?<name>'.self::NO_THING.'(?-i:\p{Lu})[\p{L}\'’& -]{2,50}?)\s+[–—-]\s+(?<about>[^\n]*?(?<price>'.$price.')[^\n]*)$~iu',
            '~\b(?:our|the|an?|my)\s+(?<name>[\p{L}\'’-]+(?: [\p{L}\'’-]+){0,3})\s+\((?<about>[^()]*(?<price>'.$price.')[^()]*)\)~iu',
            '~(?:^|[,;.]\s*|\band )(?:our |the |an? )?(?<name>'.self::NO_THING.'[\p{L}\'’-]+(?: [\p{L}\'’-]+){0,3}?) (?<about>(?:takes?|lasts?|runs? for) [^.;,]{3,40}?(?: and|,)(?: it)? (?:is|costs?|comes? to|at) (?<price>'.$price.'))~iu',
        ];
        $this->priced = '~(?:^|[,;.]\s*|\band\s+|\bthe\s+|\ba\s+|\bour\s+)(?<name>'.self::NO_THING.'[\p{L}][\p{L}\'’\-]*(?:\s+[\p{L}\'’\-]+){0,3}?)\s+(?:is|are|costs?|at|starts? at|comes? to|:|-|–)\s*(?:now\s+)?(?<price>'.$price.')~iu';
    }

    /** @return iterable<Candidate> */
    public function offered(Sentence $sentence): iterable
    {
        if (1 === preg_match(self::NOTHING_OFFERED, $sentence->text)) {
            return;
        }
        foreach ([$this->priced, ...$this->described] as $pattern) {
            yield from $this->in($sentence, $pattern);
        }
    }

    /** @return iterable<Candidate> */
    private function in(Sentence $sentence, string $pattern): iterable
    {
        preg_match_all($pattern, $sentence->text, $matches, \PREG_SET_ORDER | \PREG_OFFSET_CAPTURE);
        foreach ($matches as $m) {
            $name = Phrase::title($m['name'][0]);
            if (1 !== preg_match($this->cues->notOfferings, $name)) {
                $start = (int) $m['name'][1];
                yield new Candidate(FactKind::Offering, $name, $sentence->start + $start, max((int) $m['price'][1] + \strlen($m['price'][0]), (int) ($m['about'][1] ?? 0) + \strlen($m['about'][0] ?? '')) - $start, self::CERTAINTY, detail: array_filter(['description' => Phrase::tidy($m['about'][0] ?? ''), 'price' => Phrase::tidy($m['price'][0])]));
            }
        }
    }
}
