<?php

declare(strict_types=1);

namespace Tests\Faults;

use Closure;

/** What devices write about: a plant, its case, and a batch that is being mixed for it. */
final readonly class Bed
{
    /** @param list<int> $scoops */
    private function __construct(public int $plant, public int $case, public int $batch, public array $scoops) {}

    public static function dug(House $house): self
    {
        return self::by(static fn(Call $call): Reply => Devices::one($house->address, $call));
    }

    /** @param Closure(Call): Reply $ask */
    public static function by(Closure $ask): self
    {
        $plant = $ask(Call::make('/api/plants', ['name' => 'Aster', 'tolerance' => 'ordinary-leaf']))->id();
        $case = $ask(Call::make('/api/cases', ['plantId' => $plant, 'pest' => 'aphids']))->id();
        $batch = $ask(self::batch('neem-by-the-gallon', 2, '[gal_us]', $case));
        $scoops = [];
        foreach (array_keys((array) $batch->at('items')) as $i) {
            $scoops[] = $batch->id("items.{$i}.scoops.0.id");
        }

        return new self($plant, $case, $batch->id(), $scoops);
    }

    /** What one device writes, turn by turn: ticks, counts, plants, glasses, what was done, batches. */
    public function write(int $device, int $n): Call
    {
        return match ($n % 6) {
            0 => new Call('PUT', "/api/batches/{$this->batch}/scoops/{$this->scoops[$device % count($this->scoops)]}/ticks/1", ['ticked' => $n % 12 === 0]),
            1 => Call::make("/api/cases/{$this->case}/counts", ['value' => $n]),
            2 => Call::make('/api/plants', ['name' => "Plant {$n}", 'tolerance' => 'ordinary-leaf']),
            3 => Call::make("/api/batches/{$this->batch}/stand-tests", ['result' => 'even']),
            4 => new Call('PUT', "/api/cases/{$this->case}/steps/water-jet", ['done' => $n % 12 === 4]),
            default => self::batch('mild-soap', 1, 'L', $this->case),
        };
    }

    private static function batch(string $recipe, int $amount, string $unit, int $case): Call
    {
        return Call::make('/api/batches', ['bench' => ['request' => ['recipe' => $recipe, 'make' => ['amount' => $amount, 'unit' => $unit], 'sprayer' => ['amount' => 1, 'unit' => $unit]]], 'caseId' => $case]);
    }
}
