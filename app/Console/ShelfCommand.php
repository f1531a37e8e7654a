<?php

declare(strict_types=1);

namespace App\Console;

use IdleMixer\Core\Ask\Shelf;
use IdleMixer\Core\Document\JsonText;

final class ShelfCommand extends DocumentCommand
{
    protected $signature = 'mixer:shelf {file} {--json}';

    public function handle(Shelf $ask): int
    {
        return $this->respond(static fn(string $text): array => $ask->answer(JsonText::parse($text)));
    }
}
