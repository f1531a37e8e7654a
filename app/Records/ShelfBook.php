<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Batch;
use App\Models\ShelfBottle;
use IdleMixer\Core\Cupboard\Bottle;
use IdleMixer\Core\Cupboard\Cupboard;
use IdleMixer\Core\Cupboard\Poured;
use IdleMixer\Core\Cupboard\Stock;
use IdleMixer\Core\Cupboard\ToldBottle;
use IdleMixer\Core\Ingredient\IngredientCatalogue;
use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Quantity\Unit;
use Illuminate\Database\Eloquent\Builder;

/** What stands in the house, and what is left of it: what was said last, less what went into batches since. */
final class ShelfBook
{
    /** @var array{string, Cupboard|null}|null what was read last, with what it was read from: every open case asks for it */
    private ?array $read = null;

    /** How finely it is said how much is left. */
    public const TENTHS = 10.0;

    public function __construct(private readonly IngredientCatalogue $ingredients, private readonly BatchBook $batches) {}

    /** @return list<array{ShelfBottle, Bottle}> those in use, the one that is used up first before its like, each with what is left now */
    public function all(): array
    {
        $rows = array_values(ShelfBottle::query()->whereNull('retired_at')->orderBy('ingredient')->orderBy('opened_on')->orderBy('id')->get()->all());
        $told = array_map($this->told(...), $rows);

        return array_map(static fn(ShelfBottle $row, Bottle $now): array => [$row, $now], $rows, Stock::now($told, $this->poured($rows)));
    }

    /** Null where nobody ever said what is there. */
    public function cupboard(): ?Cupboard
    {
        $from = self::state(ShelfBottle::query()) . ' ' . self::state(Batch::query());
        if ($this->read === null || $this->read[0] !== $from) {
            $all = $this->all();
            $this->read = [$from, $all === [] && ShelfBottle::query()->doesntExist() ? null : new Cupboard(array_column($all, 1))];
        }

        return $this->read[1];
    }

    /**
     * What changes with every record that is made, corrected or taken back.
     *
     * @param Builder<covariant ShelfBottle>|Builder<covariant Batch> $records
     */
    private static function state(Builder $records): string
    {
        return (string) json_encode($records->toBase()->selectRaw('count(*)')->selectRaw('sum(version)')->selectRaw('max(id)')->selectRaw('max(updated_at)')->first());
    }

    /** What it holds when it is full, in mL, of a powder in the spoon; null where nobody said. */
    public function whole(ShelfBottle $row): ?float
    {
        return $row->amount === null || $row->unit === null ? null : $this->ingredients->get($row->ingredient)->bottledAt($row->strength)->millilitres(Amount::of($row->amount, Unit::from($row->unit)));
    }

    private function told(ShelfBottle $row): ToldBottle
    {
        $whole = $this->whole($row);
        $left = $row->tenths === 0 ? 0.0 : ($whole === null || $row->tenths === null ? null : $whole * $row->tenths / self::TENTHS);

        return new ToldBottle(new Bottle($this->ingredients->get($row->ingredient), $left, $row->strength, $whole === null || $row->price === null ? null : $row->price / $whole), $row->said_at);
    }

    /**
     * @param list<ShelfBottle> $rows
     *
     * @return list<Poured> into batches since the first of them was said; what a jar of stock holds was poured when the jar was mixed
     */
    private function poured(array $rows): array
    {
        $said = array_map(static fn(ShelfBottle $row) => $row->said_at, array_filter($rows, static fn(ShelfBottle $row): bool => $row->tenths !== null));
        $poured = [];
        foreach ($said === [] ? [] : Batch::query()->whereNotNull('made_at')->where(static fn(Builder $which) => $which->where('made_at', '>=', min($said))->orWhere('lines', '!=', '[]'))->get() as $batch) {
            foreach ($this->batches->fromBottles($batch) as [$part, $at]) {
                if ($batch->made_at !== null) {
                    $poured[] = new Poured($part->ingredient->slug, $part->millilitres, $part->ingredient->substance->hasStrength() ? $part->stated() : null, $at ?? $batch->made_at);
                }
            }
        }

        return $poured;
    }
}
