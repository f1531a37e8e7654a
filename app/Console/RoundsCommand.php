<?php

declare(strict_types=1);

namespace App\Console;

use IdleMixer\Core\Ask\Rounds;
use IdleMixer\Core\Document\JsonText;

final class RoundsCommand extends DocumentCommand
{
    protected $signature = 'mixer:rounds {file : a trouble, sprays and a first day, or - for standard input} {--json : print the document; there is no other form}';

    protected $description = 'Lay out the rounds and looks, and show what they leave open';

    public function handle(Rounds $ask): int
    {
        return $this->respond(static fn(string $text): array => $ask->answer(JsonText::parse($text)));
    }
}
