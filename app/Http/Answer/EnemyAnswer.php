<?php

declare(strict_types=1);

namespace App\Http\Answer;

use IdleMixer\Core\Trouble\Enemy;

/** A natural enemy, to be looked for. */
final readonly class EnemyAnswer
{
    public function __construct(
        public string $slug,
        public string $name,
        public string $looksLike,
        public string $drawing,
        /** Whether it holds the trouble down that is asked about; whether it eats any at all where none is. */
        public bool $eats,
    ) {}

    /** @param string|null $trouble slug; null where none is asked about */
    public static function of(Enemy $enemy, ?string $trouble): self
    {
        return new self($enemy->slug, $enemy->name, $enemy->looksLike, $enemy->drawing, $trouble === null ? $enemy->eatsAny() : $enemy->eats($trouble));
    }
}
