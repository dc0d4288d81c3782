<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser\Offerings;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Phrase;
use DunePocket\Brief\Reading\Sentence;
use DunePocket\Catalogue\Cues;

/** "the sauna is £9 for 45 min" */
final readonly class PricedThings
{
    private const CERTAINTY = 0.85;
    private const NOTHING_OFFERED = '/budget|hosting|\bcosts?\b(?!\s*[£$€])|fee\b|deposit|delivery|postage/iu';

    private string $priced;

    public function __construct(private Cues $cues)
    {
        $price = substr($cues->money, 1, -3);
        $this->priced = '~(?:^|[,;.]\s*|\band\s+|\bthe\s+|\ba\s+|\bour\s+)(?<name>(?!(?:it|this|that|budget|price|they|he|she|which|we|i)\b)[\p{L}][\p{L}\'’\-]*(?:\s+[\p{L}\'’\-]+){0,3}?)\s+(?:is|are|costs?|at|starts? at|comes? to|:|-|–)\s*(?:now\s+)?(?<price>'.$price.')~iu';
    }

    /** @return iterable<Candidate> */
    public function offered(Sentence $sentence): iterable
    {
        if (1 === preg_match(self::NOTHING_OFFERED, $sentence->text)) {
            return;
        }
        preg_match_all($this->priced, $sentence->text, $matches, \PREG_SET_ORDER | \PREG_OFFSET_CAPTURE);
        foreach ($matches as $m) {
            $name = Phrase::title($m['name'][0]);
            if (1 !== preg_match($this->cues->notOfferings, $name)) {
                $start = (int) $m['name'][1];
                yield new Candidate(FactKind::Offering, $name, $sentence->start + $start, (int) $m['price'][1] + \strlen($m['price'][0]) - $start, self::CERTAINTY, detail: ['price' => Phrase::tidy($m['price'][0])]);
            }
        }
    }
}
