<?php

declare(strict_types=1);

namespace IdleMixer\Core\Tests\Support;

use DateTimeImmutable;
use IdleMixer\Core\Batch\BatchReader;
use IdleMixer\Core\Batch\BatchRecord;
use IdleMixer\Core\Batch\BatchWriter;
use IdleMixer\Core\Batch\History;
use IdleMixer\Core\Batch\Tick;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\JsonText;

/** Short ways to a batch and to what was done with it. */
final class Batches
{
    public const ID = '10000000-0000-4000-8000-000000000001';

    /** @param array<string, mixed> $request */
    public static function document(array $request, ?int $repeatDays = 7): string
    {
        return json_encode(BatchWriter::shipped()->freeze(Plans::of($request), self::ID, $repeatDays), \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION);
    }

    public static function read(string $document): BatchRecord
    {
        return BatchReader::shipped()->read(JsonText::parse($document));
    }

    /** @param array<string, mixed> $request */
    public static function of(array $request): BatchRecord
    {
        return self::read(self::document($request));
    }

    /** Two tablespoons of neem and two teaspoons of soap in a gallon of 768 teaspoons: 29.57 mL and 9.86 mL in 3,745.98 mL of water, by hand. */
    public static function gallonOfNeem(): BatchRecord
    {
        $recipe = Plans::recipe([['ingredient' => 'neem-oil', 'amount' => 2, 'unit' => '[tbs_us]'], ['ingredient' => 'castile-soap', 'amount' => 2, 'unit' => '[tsp_us]']], ['amount' => 1, 'unit' => '[gal_us]', 'of' => 'finished']);

        return self::of(['recipe' => $recipe, 'make' => ['amount' => 1, 'unit' => '[gal_us]']]);
    }

    /** @param list<Tick> $ticks */
    public static function history(array $ticks): History
    {
        return new History(self::at(0), $ticks, [], [], null, null);
    }

    /**
     * Every spoonful of a batch, but for so many of some things.
     *
     * @param array<string, int> $short how many were not ticked, by key
     *
     * @return list<Tick>
     */
    public static function ticks(BatchRecord $batch, array $short = []): array
    {
        $ticks = [];
        foreach ($batch->loads as $i => $load) {
            foreach ($load->items as $key => $item) {
                foreach ($item->measured->scoops as $scoop => $one) {
                    for ($number = 1 + ($short[$key] ?? 0); $number <= $one->taps(); ++$number) {
                        $ticks[] = new Tick($i + 1, $key, $scoop, $number, self::at($number));
                    }
                }
            }
        }

        return $ticks;
    }

    /** Where a document is wrong; a sentence where nothing is. */
    public static function faultAt(callable $read): string
    {
        try {
            $read();
        } catch (InvalidDocument $fault) {
            return $fault->path();
        }

        return 'nothing is wrong with it';
    }

    public static function at(int $minutes): DateTimeImmutable
    {
        return (new DateTimeImmutable('2026-06-01T08:00:00Z'))->modify("+{$minutes} minutes");
    }
}
