<?php

declare(strict_types=1);

namespace DunePocket\App\Console;

/** Reads and writes the files named on the command line. */
final class Files
{
    /** @throws FileTrouble */
    public function read(string $path): string
    {
        if (is_dir($path)) {
            throw new FileTrouble("“{$path}” is a folder, not a file.");
        }
        $bytes = is_file($path) && is_readable($path) ? file_get_contents($path, length: 25_000_000) : false;
        if (false === $bytes) {
            throw new FileTrouble(\sprintf('“%s” %s.', $path, file_exists($path) ? 'cannot be read' : 'is not there'));
        }

        return $bytes;
    }

    /**
     * Writes beside the target first, so that a full disk leaves the old file whole.
     *
     * @throws FileTrouble
     */
    public function write(string $path, string $bytes): void
    {
        $temporary = $path.'.'.getmypid().'.tmp';
        $written = @file_put_contents($temporary, $bytes);
        if (\strlen($bytes) !== $written || !@rename($temporary, $path)) {
            @unlink($temporary);
            throw new FileTrouble("“{$path}” cannot be written.");
        }
    }
}
