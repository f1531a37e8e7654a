<?php

declare(strict_types=1);

namespace IdleMixer\Core\Trouble;

use DateTimeImmutable;
use DateTimeInterface;
use IdleMixer\Core\Data\ChoiceLines;

/** That somebody said which natural enemies are on a plant. */
final readonly class EnemiesSaid
{
    /** @param array<string, int|null> $seen how many, by slug; null where nobody counted them. None where there were none */
    public function __construct(public DateTimeInterface $at, public array $seen) {}

    /**
     * The latest of all sayings, whoever said it and wherever: of two of one time that which comes later.
     *
     * @param iterable<self> $all
     */
    public static function latest(iterable $all): ?self
    {
        $latest = null;
        foreach ($all as $one) {
            $latest = $latest === null || $one->at >= $latest->at ? $one : $latest;
        }

        return $latest;
    }

    /** @return array<string, int|null> those that are taken to be there still; none where it was said too long ago */
    public function holding(DateTimeImmutable $now): array
    {
        return $this->at >= $now->modify('-' . ChoiceLines::SEEN_HOLDS['value'] . ' days') ? $this->seen : [];
    }
}
