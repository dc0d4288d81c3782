<?php

declare(strict_types=1);

namespace DunePocket\App\Console;

use Symfony\Component\Console\Input\InputInterface;

/** The words of a command line as text. */
final readonly class Arguments
{
    public function __construct(private InputInterface $input)
    {
    }

    public function argument(string $name): string
    {
        $value = $this->input->getArgument($name);

        return \is_string($value) ? $value : '';
    }

    public function option(string $name): ?string
    {
        $value = $this->input->getOption($name);

        return \is_string($value) ? $value : null;
    }
}
