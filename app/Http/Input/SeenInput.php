<?php

declare(strict_types=1);

namespace App\Http\Input;

use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Trouble\TroubleCatalogue;

/** Which signs were seen, and which were looked for in vain: `{"seen": {"webs": true, "slime": false}}`. */
final class SeenInput
{
    /**
     * @return array<string, bool>
     *
     * @throws InvalidDocument with the path of the first fault found
     */
    public static function read(Node $node, TroubleCatalogue $catalogue): array
    {
        $object = $node->object(['seen'])->get('seen')->object(array_keys($catalogue->signs));
        $seen = [];
        foreach (array_keys($catalogue->signs) as $slug) {
            $there = $object->optional($slug);
            if ($there !== null) {
                $seen[$slug] = $there->flag();
            }
        }

        return $seen;
    }
}
