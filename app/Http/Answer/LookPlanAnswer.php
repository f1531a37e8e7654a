<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** How the pest of a case is looked at, and where this household does. */
final readonly class LookPlanAnswer
{
    /**
     * @param list<ChoosableAnswer> $stages
     * @param list<EnemyAnswer>     $enemies natural enemies, to be looked for beside it
     */
    public function __construct(
        public int $spots,
        /** What a spot is, in one word. */
        public string $spot,
        public string $where,
        public array $stages,
        public bool $percent,
        /** In the words of who counts; empty where nobody said. */
        public string $own,
        /** Why a plant left alone is worth having; empty where it is not. */
        public string $compare,
        public array $enemies,
    ) {}
}
