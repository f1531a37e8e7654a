<?php

declare(strict_types=1);

namespace App\Console;

use Symfony\Component\Console\Output\OutputInterface;

/** Prints one document, and nothing else. */
trait PrintsDocuments
{
    /** @param object|array<string, mixed> $document */
    private function printJson(object|array $document): void
    {
        $this->output->write(json_encode($document, \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_PRESERVE_ZERO_FRACTION | \JSON_THROW_ON_ERROR) . "\n", false, OutputInterface::OUTPUT_RAW);
    }
}
