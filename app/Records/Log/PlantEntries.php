<?php

declare(strict_types=1);

namespace App\Records\Log;

use App\Models\Plant;
use DateTimeImmutable;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Weather\Exposure;
use Psr\Clock\ClockInterface;

/** Plants of a log. */
final readonly class PlantEntries
{
    private const KEYS = ['id', 'name', 'kind', 'tolerance', 'place', 'notes', 'bearsNoOil', 'indoors', 'exposure', 'retiredAt'];

    public function __construct(private ToleranceCatalogue $tolerance, private ClockInterface $clock) {}

    /** @throws InvalidDocument with the path of the first fault found */
    public function take(Node $node): int
    {
        $plant = $node->object(self::KEYS);
        $id = Entry::id($plant->get('id'));
        $columns = [
            'submission' => $id,
            'name' => $plant->get('name')->text(Entry::LONGEST_NAME, 1),
            'kind' => $plant->optional('kind')?->text(Entry::LONGEST_NAME) ?? '',
            'tolerance' => $plant->get('tolerance')->word($this->tolerance->slugs(), 'kind of leaf'),
            'place' => $plant->optional('place')?->text(Entry::LONGEST_NAME) ?? '',
            'notes' => $plant->optional('notes')?->text(Entry::LONGEST_NOTES) ?? '',
            'bears_no_oil' => $plant->optional('bearsNoOil')?->flag() ?? false,
            'indoors' => $plant->optional('indoors')?->flag() ?? false,
            'exposure' => $plant->filled('exposure')?->word(array_map(static fn(Exposure $one): string => $one->value, Exposure::cases()), 'exposure') ?? Exposure::FullSun->value,
            'retired_at' => self::at($plant->filled('retiredAt'), $this->clock->now()),
        ];
        if (Entry::here($id, Plant::query()) !== null) {
            return 0;
        }
        Plant::query()->create($columns);

        return 1;
    }

    private static function at(?Node $node, DateTimeImmutable $now): ?DateTimeImmutable
    {
        return $node === null ? null : Entry::at($node, $now);
    }
}
