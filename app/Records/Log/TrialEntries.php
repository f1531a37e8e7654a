<?php

declare(strict_types=1);

namespace App\Records\Log;

use App\Models\Trial;
use App\Models\TrialLook;
use DateTimeImmutable;
use IdleMixer\Core\Data\EvidenceLines;
use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Evidence\LookReader;
use IdleMixer\Core\Trouble\TroubleCatalogue;

/** Trials of a log, with what was counted in them. */
final readonly class TrialEntries
{
    public function __construct(private TroubleCatalogue $troubles) {}

    /** @throws InvalidDocument with the path of the first fault found */
    public function take(Node $node, DateTimeImmutable $now): int
    {
        $trial = $node->object(['id', 'pest', 'name', 'one', 'other', 'unit', 'units', 'seed', 'blind', 'begunAt', 'sprayedAt', 'endedAt', 'conclusion', 'looks']);
        $id = Entry::id($trial->get('id'));
        $sprayed = $trial->filled('sprayedAt');
        $ended = $trial->filled('endedAt');
        $units = $trial->get('units')->whole(EvidenceLines::FEWEST_UNITS['value'], InputLines::MOST_SPOTS['value']);
        $columns = [
            'submission' => $id,
            'pest' => $trial->get('pest')->word($this->troubles->pestSlugs(), 'pest'),
            'name' => $trial->get('name')->text(Entry::LONGEST_NAME, 1),
            'one' => $trial->get('one')->text(Entry::LONGEST_NAME, 1),
            'other' => $trial->get('other')->text(Entry::LONGEST_NAME, 1),
            'unit' => $trial->get('unit')->word(['leaf', 'plant'], 'unit'),
            'units' => $units,
            'seed' => $trial->get('seed')->whole(0, \PHP_INT_MAX),
            'blind' => $trial->filled('blind')?->flag() ?? false,
            'begun_at' => Entry::at($trial->get('begunAt'), $now),
            'sprayed_at' => $sprayed === null ? null : Entry::at($sprayed, $now),
            'ended_at' => $ended === null ? null : Entry::at($ended, $now),
            'conclusion' => $trial->optional('conclusion')?->text(Entry::LONGEST_NOTES) ?? '',
        ];
        $looks = array_map(static fn(Node $look): array => self::look($look, $units, $now), $trial->get('looks')->items(0, InputLines::MOST_ROWS['value'], 'looks'));
        if (Entry::here($id, Trial::query()) !== null) {
            return 0;
        }
        $made = Trial::query()->create($columns);
        foreach ($looks as $look) {
            TrialLook::query()->create([...$look, 'trial_id' => $made->id]);
        }

        return 1;
    }

    /**
     * @return array<string, mixed>
     *
     * @throws InvalidDocument
     */
    private static function look(Node $node, int $units, DateTimeImmutable $now): array
    {
        $look = $node->object(['id', 'countedAt', 'counts']);
        $counts = array_map(static fn(Node $one): ?float => $one->isNull() ? null : $one->countUpTo(LookReader::MOST), $look->get('counts')->items($units, $units, 'counts'));

        return ['submission' => Entry::id($look->get('id')), 'counted_at' => Entry::at($look->get('countedAt'), $now), 'counts' => json_encode($counts, \JSON_THROW_ON_ERROR)];
    }
}
