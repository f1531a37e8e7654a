<?php

declare(strict_types=1);

namespace IdleMixer\Core\Trouble;

/** A natural enemy of troubles. */
final readonly class Enemy
{
    /**
     * @param array<string, float> $eats how many of a trouble one of them holds down, by slug of the trouble; what is not named it does not eat up
     * @param array<string, int>   $days how many days a way of working goes on hurting them, 0 where only what it wets is hurt; what is not named hardly hurts them
     */
    public function __construct(public string $slug, public string $name, public string $looksLike, public string $drawing, private array $eats, private array $days, public string $source) {}

    /**
     * Whether as many of them as were seen do the work alone.
     *
     * @param int|null   $seen  how many; null where nobody counted them
     * @param float|null $count how many of the trouble; null where nobody counted it
     */
    public function manages(string $trouble, ?int $seen, ?float $count): bool
    {
        $each = $this->eats[$trouble] ?? null;

        return $each !== null && ($seen === null || $count === null || ($seen > 0 && $count <= $seen * $each));
    }

    public function eats(string $trouble): bool
    {
        return isset($this->eats[$trouble]);
    }

    public function eatsAny(): bool
    {
        return $this->eats !== [];
    }

    /** Days that it goes on hurting them; null where it hardly does. */
    public function hurtFor(string $way): ?int
    {
        return $this->days[$way] ?? null;
    }
}
