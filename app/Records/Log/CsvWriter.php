<?php

declare(strict_types=1);

namespace App\Records\Log;

use App\Models\Count;
use App\Models\PestCase;
use App\Models\Round;
use App\Models\WeighedRound;
use App\Records\BatchBook;
use App\Records\Looks;
use DateTimeInterface;
use Generator;
use IdleMixer\Core\Document\CsvText;
use IdleMixer\Core\Wording\CompositionWords;

/** The whole log as one table, piece by piece: UTF-8, comma, CRLF, one row an observation. */
final class CsvWriter
{
    /** No submission comes before it. */
    private const BEFORE_ALL = '00000000-0000-0000-0000-000000000000';

    private const AT_A_TIME = 50;

    /** @return Generator<int, string> */
    public function pieces(): Generator
    {
        yield CsvText::row(CsvColumns::ALL);
        $after = self::BEFORE_ALL;
        do {
            $page = PestCase::query();
            $page->where('submission', '>', $after)->orderBy('submission')->limit(self::AT_A_TIME);
            $some = $page->with(['plant', 'rounds.batch:id,submission,name,made', 'counts'])->get();
            foreach ($some as $case) {
                yield implode('', array_map(CsvText::row(...), self::rows($case)));
                $after = self::id($case);
            }
        } while ($some->count() === self::AT_A_TIME);
    }

    /** @return list<list<string|null>> earliest first */
    private static function rows(PestCase $case): array
    {
        $weighed = WeighedRound::query()->where('case_id', $case->id)->get()->keyBy('round_id');
        $rows = [];
        foreach ($case->counts as $count) {
            $rows[] = self::look($count);
        }
        foreach ($case->rounds as $round) {
            $rows[] = self::sprayed($round, $weighed[$round->id] ?? null);
        }
        $of = ['case_id' => self::id($case), 'plant' => $case->plant->name, 'leaf_kind' => $case->plant->tolerance, 'place' => $case->plant->place, 'pest' => $case->pest, 'opened_at' => self::at($case->opened_at), 'closed_at' => self::at($case->closed_at)];
        usort($rows, static fn(array $a, array $b): int => [$a['at'], $a['id']] <=> [$b['at'], $b['id']]);

        return array_map(static fn(array $row): array => array_map(static fn(string $column): ?string => $row[$column] ?? $of[$column] ?? null, CsvColumns::ALL), $rows);
    }

    /** @return array<string, string|null> */
    private static function look(Count $count): array
    {
        return [
            'what' => CsvColumns::LOOK, 'id' => self::id($count), 'at' => self::at($count->counted_at), 'value' => self::number($count->value), 'untreated' => self::flag($count->untreated),
            'each' => $count->each === null ? null : implode(' ', array_map(self::number(...), array_map(floatval(...), array_filter((array) json_decode($count->each, flags: \JSON_THROW_ON_ERROR), is_numeric(...))))),
            'stages' => self::stages($count->stages), 'new_growth' => $count->new_growth, 'helpers' => self::helpers(Looks::helpers($count)), 'notes' => $count->notes,
        ];
    }

    /** @return array<string, string|null> */
    private static function sprayed(Round $round, ?WeighedRound $weighed): array
    {
        return [
            'what' => CsvColumns::SPRAYED, 'id' => self::id($round), 'at' => self::at($round->sprayed_at), 'batch_id' => $round->batch === null ? null : self::id($round->batch), 'spray' => $round->name(), 'bought' => $round->bought_kind, 'holds' => $round->bought_holds,
            'strength' => implode('; ', CompositionWords::of($round->batch === null ? null : BatchBook::composition($round->batch))), 'hand_work' => self::flag($round->hand_work), 'rinsed' => self::flag($round->rinsed), 'override' => $round->override,
            'litres' => $round->litres === null ? null : self::number($round->litres), 'outcome' => $weighed?->outcome, 'reduction_percent' => $weighed?->reduction === null ? null : self::number(round($weighed->reduction, 1)),
            'formula' => $weighed?->formula, 'notes' => $round->notes,
        ];
    }

    /** @param array<string, int|null>|null $seen natural enemies, and how many of each */
    private static function helpers(?array $seen): ?string
    {
        return $seen === [] ? self::flag(false) : ($seen === null ? null : implode(' ', array_map(static fn(string $slug, ?int $many): string => $many === null ? $slug : "{$slug}:{$many}", array_keys($seen), $seen)));
    }

    private static function stages(?string $json): ?string
    {
        $all = [];
        foreach ($json === null ? [] : (array) json_decode($json, flags: \JSON_THROW_ON_ERROR) as $stage => $value) {
            $all[] = "{$stage}:" . (is_numeric($value) ? self::number((float) $value) : '');
        }

        return $all === [] ? null : implode(' ', $all);
    }

    private static function number(float $value): string
    {
        return json_encode($value, \JSON_THROW_ON_ERROR);
    }

    private static function flag(bool $holds): string
    {
        return $holds ? 'yes' : 'no';
    }

    private static function at(?DateTimeInterface $at): ?string
    {
        return $at?->format('Y-m-d\TH:i:s\Z');
    }

    private static function id(PestCase|Count|Round|\App\Models\Batch $record): string
    {
        $id = $record->getAttribute('submission');

        return is_string($id) ? $id : '';
    }
}
