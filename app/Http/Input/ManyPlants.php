<?php

declare(strict_types=1);

namespace App\Http\Input;

use App\Models\Plant;
use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Words\Say;

/** Plants that something is done to together, each once, in the order in which they are named. */
final class ManyPlants
{
    /**
     * @return list<Plant>
     *
     * @throws InvalidDocument with the path of the first that is none, or that is named twice
     */
    public static function read(Node $node): array
    {
        $plants = [];
        foreach ($node->items(0, InputLines::MOST_TOGETHER['value'], 'plants') as $one) {
            $plant = Existing::of($one, Plant::query(), 'plant');
            if (isset($plants[$plant->id])) {
                throw $one->fault(Say::it('input/course-input.plant-twice'));
            }
            $plants[$plant->id] = $plant;
        }

        return array_values($plants);
    }
}
