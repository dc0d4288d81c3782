<?php

declare(strict_types=1);

require dirname(__DIR__, 2).'/vendor/autoload.php';

exit((new DunePocket\App\Console\CommandLine(dirname(__DIR__, 2)))->run(new Symfony\Component\Console\Input\ArgvInput(), new Symfony\Component\Console\Output\ConsoleOutput()));
