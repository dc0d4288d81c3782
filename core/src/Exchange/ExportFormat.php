<?php

declare(strict_types=1);

namespace DunePocket\Exchange;

use DunePocket\Project\Project;

/** One of the formats a project can leave in. */
interface ExportFormat
{
    /** The name on the command line and in addresses: "markdown". */
    public function name(): string;

    public function label(): string;

    /** One line on what it is for. */
    public function describe(): string;

    public function mediaType(): string;

    /** The end of the file's name, with its dot. */
    public function extension(): string;

    /**
     * @param string $address where the site will stand, such as "https://example.org"
     */
    public function write(Project $project, string $address): string;
}
