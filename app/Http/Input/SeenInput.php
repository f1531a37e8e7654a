<?php

declare(strict_types=1);

namespace App\Http\Input;

use App\Models\Plant;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Trouble\TroubleCatalogue;

/** Which signs were seen, which were looked for in vain, and on which plant: `{"seen": {"webs": true, "slime": false}, "plantId": 3}`. */
final readonly class SeenInput
{
    /**
     * @param array<string, bool> $seen  by sign
     * @param Plant|null          $plant null where nobody said which one it is
     */
    private function __construct(public array $seen, public ?Plant $plant) {}

    /** @throws InvalidDocument with the path of the first fault found */
    public static function read(Node $node, TroubleCatalogue $catalogue): self
    {
        $object = $node->object(['seen', 'plantId']);
        $signs = $object->get('seen')->object(array_keys($catalogue->signs));
        $seen = [];
        foreach (array_keys($catalogue->signs) as $slug) {
            $there = $signs->optional($slug);
            if ($there !== null) {
                $seen[$slug] = $there->flag();
            }
        }
        $plant = $object->filled('plantId');

        return new self($seen, $plant === null ? null : Existing::of($plant, Plant::query(), 'plant'));
    }
}
