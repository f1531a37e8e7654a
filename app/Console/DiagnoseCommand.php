<?php

declare(strict_types=1);

namespace App\Console;

use IdleMixer\Core\Ask\Diagnose;
use IdleMixer\Core\Document\JsonText;

final class DiagnoseCommand extends DocumentCommand
{
    protected $signature = 'mixer:diagnose {file : signs, or - for standard input} {--json : print the document; there is no other form}';

    protected $description = 'Say from signs what it may be, and what to look at';

    public function handle(Diagnose $ask): int
    {
        return $this->respond(static fn(string $text): array => $ask->answer(JsonText::parse($text)));
    }
}
