<?php

declare(strict_types=1);

namespace DunePocket\Project\Change;

use DunePocket\Data\InvalidData;
use DunePocket\Data\Node;

/** Changes to and from JSON. */
final class ChangeCodec
{
    private const TYPES = [
        'add-page' => AddPage::class,
        'remove-page' => RemovePage::class,
        'move-page' => MovePage::class,
        'edit-page' => EditPage::class,
        'add-section' => AddSection::class,
        'remove-section' => RemoveSection::class,
        'move-section' => MoveSection::class,
        'edit-section' => EditSection::class,
        'edit-text' => EditText::class,
        'replace-plan' => ReplacePlan::class,
        'put-fact' => PutFact::class,
        'remove-fact' => RemoveFact::class,
        'strike-fact' => StrikeFact::class,
        'add-source' => AddSource::class,
        'remove-source' => RemoveSource::class,
        'replace-section' => ReplaceSection::class,
        'replace-page' => ReplacePage::class,
        'put-shared' => PutShared::class,
        'remove-shared' => RemoveShared::class,
        'set-look' => SetLook::class,
        'record-goes' => RecordGoes::class,
        'wave-finding' => WaveFinding::class,
        'decide-old-page' => DecideOldPage::class,
        'skip-question' => SkipQuestion::class,
        'rename-project' => RenameProject::class,
        'several' => Several::class,
    ];

    public static function fromNode(Node $node): Change
    {
        $type = $node->string('type');
        $class = self::TYPES[$type] ?? throw new InvalidData("There is no change “{$type}”.");

        return $class::fromNode($node);
    }

    /** @return array<string, mixed> */
    public static function toArray(Change $change): array
    {
        $type = array_search($change::class, self::TYPES, true);

        return ['type' => $type] + $change->toArray();
    }
}
