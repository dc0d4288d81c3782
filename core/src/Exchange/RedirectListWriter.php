<?php

declare(strict_types=1);

namespace DunePocket\Exchange;

use DunePocket\Catalogue\PageKinds;
use DunePocket\Plan\PresentSite\PresentSite;
use DunePocket\Project\Project;

/**
 * Where each address of the present website leads in the new one, as CSV (RFC 4180): 301 for what is kept or merged,
 * 410 for what is dropped (RFC 9110), nothing for what is still open.
 */
final readonly class RedirectListWriter implements ExportFormat
{
    private PresentSite $presentSite;

    public function __construct(PageKinds $kinds)
    {
        $this->presentSite = new PresentSite($kinds);
    }

    public function name(): string
    {
        return 'redirects';
    }

    public function label(): string
    {
        return 'Redirect list';
    }

    public function describe(): string
    {
        return 'Where each address of the present website leads in the new one, so that no link is lost.';
    }

    public function mediaType(): string
    {
        return 'text/csv';
    }

    public function extension(): string
    {
        return '.csv';
    }

    public function write(Project $project, string $address): string
    {
        $rows = [['from', 'to', 'status']];
        foreach ($this->presentSite->verdicts($project->brief, $project->plan, $project->decisions->oldPages) as $verdict) {
            $page = null === $verdict->page ? null : $project->plan->page($verdict->page);
            $to = null === $page ? '' : rtrim($address, '/').$project->plan->path($page);
            $from = (string) parse_url($verdict->old->address, \PHP_URL_PATH);
            if (!$verdict->isOpen() && rtrim($to, '/') !== rtrim($from, '/') && $to !== $verdict->old->address) {
                $rows[] = [$verdict->old->address, $to, null === $page ? '410' : '301'];
            }
        }

        return implode('', array_map(static fn (array $row): string => implode(',', array_map(self::field(...), $row))."\r\n", $rows));
    }

    private static function field(string $value): string
    {
        $harmless = 1 === preg_match('/^[=+\-@\t]/', $value) ? "'$value" : $value;

        return 1 === preg_match('/[",\r\n]/', $harmless) ? '"'.str_replace('"', '""', $harmless).'"' : $harmless;
    }
}
