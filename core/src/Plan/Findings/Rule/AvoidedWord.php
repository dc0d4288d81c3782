<?php

declare(strict_types=1);

namespace DunePocket\Plan\Findings\Rule;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Profile;
use DunePocket\Copy\LinePicker;
use DunePocket\Plan\CopyStatus;
use DunePocket\Plan\Findings\Finding;
use DunePocket\Plan\Findings\Level;
use DunePocket\Plan\Findings\Rule;
use DunePocket\Plan\Plan;

/** Words the client does not want are nowhere in the copy. */
final readonly class AvoidedWord implements Rule
{
    public function check(Plan $plan, Profile $profile): iterable
    {
        $words = $profile->brief->of(FactKind::AvoidWord);
        foreach ([] === $words ? [] : $plan->pages as $page) {
            foreach ($page->sections() as $section) {
                foreach ($plan->shown($section)->copy as $line) {
                    foreach (CopyStatus::ToSupply === $line->status ? [] : $words as $word) {
                        if (LinePicker::holds($line->text, $word->value)) {
                            yield new Finding('avoided-word', Level::Error, [$page->id, $section->id], \sprintf('The client does not want to read “%s”; it stands in “%s”. Reword it.', $word->value, mb_strimwidth($line->text, 0, 60, '…')));
                        }
                    }
                }
            }
        }
    }
}
