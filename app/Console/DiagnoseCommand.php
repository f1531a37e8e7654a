<?php

declare(strict_types=1);

namespace App\Console;

use IdleMixer\Core\Ask\Diagnose;
use IdleMixer\Core\Document\JsonText;

final class DiagnoseCommand extends DocumentCommand
{
    protected $signature = 'mixer:diagnose {file} {--json}';

    public function handle(Diagnose $ask): int
    {
        return $this->respond(static fn(string $text): array => $ask->answer(JsonText::parse($text)));
    }
}
