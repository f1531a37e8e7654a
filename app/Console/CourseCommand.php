<?php

declare(strict_types=1);

namespace App\Console;

use IdleMixer\Core\Ask\Courses;
use IdleMixer\Core\Document\JsonText;

final class CourseCommand extends DocumentCommand
{
    protected $signature = 'mixer:course {file} {--json}';

    public function handle(Courses $ask): int
    {
        return $this->respond(static fn(string $text): array => $ask->answer(JsonText::parse($text)));
    }
}
