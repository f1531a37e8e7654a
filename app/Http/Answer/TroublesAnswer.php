<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** Everything that can be seen, and everything that it can be. */
final readonly class TroublesAnswer
{
    /**
     * @param list<SignAnswer> $signs
     * @param list<TroubleAnswer> $troubles
     * @param list<EnemyAnswer> $enemies that eat some of them
     */
    public function __construct(
        public array $signs,
        public array $troubles,
        public array $enemies,
    ) {}
}
