<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\WeighedSpray;
use IdleMixer\Core\Choice\OwnResult;
use Illuminate\Database\Eloquent\Builder;

/** What this household found of each spray against a pest. */
final readonly class OwnResults
{
    public function __construct(private Fresh $fresh) {}

    /** @return array<string, OwnResult> by slug of the recipe, all its strengths together */
    public function against(string $pest): array
    {
        return $this->of(WeighedSpray::query()->where('pest', $pest))[$pest] ?? [];
    }

    /** @return array<string, array<string, OwnResult>> by pest, then by slug of the recipe */
    public function all(): array
    {
        return $this->of(WeighedSpray::query());
    }

    /**
     * @param Builder<WeighedSpray> $sprays
     *
     * @return array<string, array<string, OwnResult>>
     */
    private function of(Builder $sprays): array
    {
        $this->fresh->all();
        $sums = [];
        $sprays->where('judged', '>', 0)->orderBy('pest')->orderByDesc('last_at');
        // The first of each is the one that was used last.
        foreach ($sprays->get(['pest', 'slug', 'judged', 'worked', 'last_plant']) as $row) {
            [$judged, $worked, $plant] = $sums[$row->pest][$row->slug] ?? [0, 0, $row->last_plant];
            $sums[$row->pest][$row->slug] = [$judged + $row->judged, $worked + $row->worked, $plant];
        }

        return array_map(static fn(array $some): array => array_map(static fn(array $sum): OwnResult => new OwnResult(...$sum), $some), $sums);
    }
}
