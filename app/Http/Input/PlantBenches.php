<?php

declare(strict_types=1);

namespace App\Http\Input;

use App\Models\Plant;
use App\Records\Whoms;
use IdleMixer\Core\Bench\Bench;
use IdleMixer\Core\Bench\BenchReader;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use Psr\Clock\ClockInterface;

/** Reads a bench of the screens, which may be for a plant of the notebook. */
final readonly class PlantBenches
{
    public function __construct(private BenchReader $benches, private Whoms $whoms, private ClockInterface $clock) {}

    /** @throws InvalidDocument with the path of the first fault found */
    public function read(Node $node): Bench
    {
        $bench = $this->benches->read($node);
        $plant = Existing::maybe($node->open()->optional('plantId'), Plant::query(), 'plant');

        return $plant === null ? $bench : $bench->for($this->whoms->of($plant, $this->clock->now()));
    }
}
