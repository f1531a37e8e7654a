<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;
use App\Models\PestCase;
use App\Records\Remembered;
use IdleMixer\Core\Choice\WhyWhether;
use IdleMixer\Core\Wording\WaitedWords;

/** Nobody sprays until somebody has looked again. */
final readonly class WaitAnswer
{
    public function __construct(
        public int $id,
        #[Shape(format: 'uuid')]
        public string $key,
        #[Shape(least: 1)]
        public int $version,
        #[Shape(format: 'date-time')]
        public string $until,
        public string $words,
    ) {}

    /** Null where nobody waits. */
    public static function of(PestCase $case): ?self
    {
        $wait = $case->closed_at === null ? $case->openWaits->last() : null;

        return $wait === null ? null : new self($wait->id, $wait->submission, $wait->version, Instant::of($wait->look_at), WaitedWords::waiting(WhyWhether::from($wait->because), array_keys(Remembered::seen($wait->seen))));
    }
}
