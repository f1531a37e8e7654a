<?php

declare(strict_types=1);

namespace App\Http\Input;

use App\Declared\Values\Word;
use IdleMixer\Core\Bought\Bought;
use IdleMixer\Core\Bought\BoughtKind;
use IdleMixer\Core\Bought\Holds;
use IdleMixer\Core\Data\BoughtLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Words\Say;

/** Something that was bought or set out, as somebody names it. */
final class BoughtInput
{
    /** @throws InvalidDocument with the path of the first fault found */
    public static function read(Node $node): Bought
    {
        $bought = $node->object(['kind', 'name', 'holds']);
        $holds = $bought->filled('holds');

        return Bought::of(
            BoughtKind::from(Word::of(BoughtKind::class, Say::it('records/rounds.kind-of-bought'))->read($bought->get('kind'))),
            $bought->get('name')->line(BoughtLines::LONGEST_NAME['value'], 1),
            $holds === null ? null : Holds::from(Word::of(Holds::class, Say::it('records/rounds.what-it-holds'))->read($holds)),
        );
    }
}
