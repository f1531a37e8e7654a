<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\PestCase;
use App\Models\WeighedRound;
use IdleMixer\Core\Evidence\Middle;
use Illuminate\Database\Eloquent\Collection;

/** What a spray took in its cases: litres and minutes; and how many of them are closed. */
final readonly class SprayCosts
{
    private function __construct(public int $closed, public ?float $litres, public ?float $minutes) {}

    /**
     * @param non-empty-list<WeighedRound> $rounds
     * @param Collection<int, PestCase>    $cases  by id
     */
    public static function of(array $rounds, Collection $cases): self
    {
        $byCase = [];
        foreach ($rounds as $round) {
            $byCase[$round->case_id][] = $round;
        }
        $litres = [];
        $minutes = [];
        foreach ($byCase as $some) {
            $litres[] = array_filter(array_map(static fn(WeighedRound $round): ?float => $round->litres, $some), is_float(...));
            $minutes[] = array_filter(array_map(static fn(WeighedRound $round): ?float => $round->minutes, $some), is_float(...));
        }
        return new self(
            count(array_filter(array_keys($byCase), static fn(int $case): bool => ($cases[$case]->closed_at ?? null) !== null)),
            Middle::of(self::sums($litres)),
            Middle::of(self::sums($minutes)),
        );
    }

    /**
     * @param list<array<float>> $cases
     *
     * @return list<float> of each case of which anything is known
     */
    private static function sums(array $cases): array
    {
        $sums = [];
        foreach ($cases as $some) {
            if ($some !== []) {
                $sums[] = array_sum($some);
            }
        }

        return $sums;
    }
}
