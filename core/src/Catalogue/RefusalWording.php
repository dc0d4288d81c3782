<?php

declare(strict_types=1);

namespace DunePocket\Catalogue;

/** One way to say what is not wanted on the site, from core/catalogue/brief/refusals.yaml. */
final readonly class RefusalWording
{
    /**
     * @param string $pattern       a regular expression whose group "names" holds the refused
     * @param bool   $sure          refuses whatever it names, not only what a site could have
     * @param bool   $onlyTakenBack counts where the sentence is taken back: "Somebody asked for a shop. Please don't."
     */
    public function __construct(
        public string $pattern,
        public bool $sure,
        public bool $onlyTakenBack = false,
    ) {
    }
}
