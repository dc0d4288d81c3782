<?php

declare(strict_types=1);

namespace DunePocket\Exchange;

use DunePocket\Plan\CopyLine;
use DunePocket\Plan\CopyRole;
use DunePocket\Plan\CopyStatus;
use DunePocket\Plan\Page;
use DunePocket\Plan\Plan;
use DunePocket\Plan\Section;
use DunePocket\Project\Project;

/** The copy, page by page, with purposes and what is still to supply. CommonMark. */
final readonly class MarkdownWriter implements ExportFormat
{
    public function name(): string
    {
        return 'markdown';
    }

    public function label(): string
    {
        return 'Copy as Markdown';
    }

    public function describe(): string
    {
        return 'All copy, page by page, with the purpose of each section and what is still to supply.';
    }

    public function mediaType(): string
    {
        return 'text/markdown';
    }

    public function extension(): string
    {
        return '.md';
    }

    public function write(Project $project, string $address = ''): string
    {
        $parts = ['# '.self::escape($project->name)];
        $needed = [];
        foreach ($project->plan->pages as $page) {
            $parts[] = $this->page($project->plan, $page, $needed);
        }
        $frame = array_values(array_filter($project->plan->shared, static fn (Section $section): bool => [] !== $section->copy));
        if ([] !== $frame) {
            $parts[] = '## On several pages';
            foreach ($frame as $section) {
                $parts[] = $this->section($section, 'shared', $needed);
            }
        }
        if ([] !== $needed) {
            $list = "## Still to supply\n";
            foreach ($needed as $place => $texts) {
                $list .= "\n### ".self::escape($place)."\n\n";
                foreach (array_unique($texts) as $text) {
                    $list .= '- [ ] '.self::escape(preg_replace('/^Needed:\s*/', '', $text) ?? $text)."\n";
                }
            }
            $parts[] = rtrim($list);
        }

        return implode("\n\n", $parts)."\n";
    }

    /** @param array<string, list<string>> $needed */
    private function page(Plan $plan, Page $page, array &$needed): string
    {
        $parts = [
            '## '.self::escape($page->title),
            \sprintf('`%s`  ', $plan->path($page))."\n".'*'.self::escape($page->purpose).'*',
        ];
        if ('' !== $page->search->title) {
            $parts[] = '- Search title: '.self::escape($page->search->title)."\n- Search description: ".self::escape($page->search->description);
        }
        foreach ($page->sections() as $section) {
            if (null === $section->shared) {
                $parts[] = $this->section($section, $page->title, $needed);
            } else {
                $parts[] = '### '.self::escape($section->title)."\n\n*See “On several pages”.*";
            }
        }

        return implode("\n\n", $parts);
    }

    /** @param array<string, list<string>> $needed */
    private function section(Section $section, string $place, array &$needed): string
    {
        $parts = ['### '.self::escape($section->title), '*'.self::escape($section->purpose).'*'];
        $item = null;
        foreach ($section->copy as $line) {
            if (CopyStatus::ToSupply === $line->status) {
                $needed['shared' === $place ? 'On several pages' : $place][] = $line->text;
            }
            if ($line->item !== $item && null !== $line->item) {
                $parts[] = \sprintf('**%d.**', $line->item + 1);
            }
            $item = $line->item;
            $parts[] = $this->line($line);
        }

        return implode("\n\n", $parts);
    }

    private function line(CopyLine $line): string
    {
        $text = self::escape($line->text);
        if (CopyStatus::ToSupply === $line->status) {
            return '> **To supply.** '.(preg_replace('/^Needed:\s*/', '', $text) ?? $text);
        }

        return match ($line->role) {
            CopyRole::Heading, CopyRole::Subheading => '#### '.$text,
            CopyRole::Item => '**'.$text.'**',
            CopyRole::Button => '['.$text.']',
            CopyRole::Quote => '> '.$text,
            CopyRole::Alt => '*Picture: '.$text.'*',
            default => $text,
        };
    }

    private static function escape(string $text): string
    {
        return preg_replace(['/([\\\\`*_\[\]<>#])/u', '/\s*\n\s*/u'], ['\\\\$1', ' '], $text) ?? $text;
    }
}
