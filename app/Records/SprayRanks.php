<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\WeighedSpray;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;

/** Puts the sprays against each pest in order, as soon as one of its rounds was weighed anew. Call it inside a transaction. */
final readonly class SprayRanks
{
    public function __construct(private SprayRecords $records, private ClockInterface $clock) {}

    public function freshen(): void
    {
        $stale = DB::table('stale_pests')->pluck('pest')->all();
        if ($stale === []) {
            return;
        }
        $tests = $this->records->leafTests($this->clock->now());
        foreach (array_filter($stale, is_string(...)) as $pest) {
            DB::delete('delete from weighed_sprays where pest = ?', [$pest]);
            foreach ($this->records->against($pest, $tests) as $i => $spray) {
                WeighedSpray::query()->insert([
                    'pest' => $pest,
                    'rank' => $i + 1,
                    'family' => $spray->family->value ?? '',
                    'slug' => $spray->slug,
                    'judged' => count($spray->record->judged()),
                    'worked' => $spray->record->worked(),
                    'verdict' => $spray->record->verdict()->value,
                    'name' => $spray->name,
                    'left_log' => $spray->record->shrunkLog(),
                    'last_plant' => $spray->lastPlant,
                    'last_at' => $spray->lastAt->format('Y-m-d H:i:s'),
                    'facts' => WeighedFacts::of($spray)->kept(),
                ]);
            }
        }
        DB::delete('delete from stale_pests');
    }
}
