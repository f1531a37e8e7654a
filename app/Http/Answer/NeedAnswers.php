<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Input\NeedInput;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Quantity\AmountReader;
use IdleMixer\Core\Vessel\Need;
use IdleMixer\Core\Wording\Measures;
use IdleMixer\Core\Wording\NeedWords;
use IdleMixer\Core\Words\Say;

/** How much to make, what from, and a volume near it whose last load is worth mixing. */
final class NeedAnswers
{
    /** @throws InvalidDocument when it comes to more than a plan takes */
    public static function of(NeedInput $input): NeedAnswer
    {
        $words = NeedWords::shipped();
        $ml = array_sum(array_map(static fn(Need $need): float => $need->millilitres, $input->needs));
        if ($ml > AmountReader::MAX_VESSEL_ML) {
            throw InvalidDocument::because('', Say::it('answers/need-answers.this-comes-to-more-than', ['ml' => Measures::metric($ml)]), null);
        }
        $sensible = $input->sprayer === null ? $ml : Need::sensible($ml, $input->sprayer);

        return new NeedAnswer(
            $ml,
            $ml / $input->unit->factor(),
            Measures::volume($ml, $input->unit),
            array_map($words->of(...), $input->needs),
            abs($sensible - $ml) < 1e-9 * $ml ? null : new SensibleAnswer($sensible, $sensible / $input->unit->factor(), Measures::volume($sensible, $input->unit)),
        );
    }
}
