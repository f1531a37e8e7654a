<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Records\Opening;
use App\Records\OpeningReason;
use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Recipe\RecipeWriter;
use IdleMixer\Core\Vessel\UsualFill;

/** Tells what the bench opens on: a batch as it was frozen, or a proposal at its dose in what was used last. */
final class OpeningAnswers
{
    /**
     * @param float       $times of the strength it would have
     * @param Amount|null $cup   how much is made for a leaf test; null for a full batch
     * @param array{batch: int, note: string}|null $stands what waits to be sprayed already
     */
    public static function of(Opening $opening, ?string $note, float $times, ?Amount $cup, ?array $stands = null): OpeningAnswer
    {
        $like = $opening->like;
        $same = $opening->option === null;
        $document = $like === null ? null : JsonText::kept($like->document)->open();
        $bench = $document?->get('bench')->open();
        $water = $bench?->get('water')->open();

        // A jar for swabs is no volume for a sprayer, nor a sprayer one for swabs.
        $jar = $same ? null : UsualFill::inAJar($opening->option->recipe->use);
        // A cup for a leaf test is none either, once the full batch is mixed.
        $alike = $like?->for_leaf_test !== true && ($same || ($jar === null && $document !== null && UsualFill::inAJar(RecipeUse::from($document->get('recipe')->open()->get('use')->text(20))) === null));

        return new OpeningAnswer(
            $opening->why->value,
            $opening->case?->id,
            $opening->case->plant_id ?? ($same ? $like?->plant_id : null),
            $opening->recipe,
            $same ? $document?->get('recipe')->raw() : ($opening->option->stocked?->isOtherwise() === true ? (object) RecipeWriter::write($opening->option->recipe) : null),
            $same ? ($bench?->get('highEnd')->flag() ?? false) : ($opening->option->dose->highEnd ?? false),
            $times * ($same ? ($bench?->get('factor')->positive() ?? 1.0) : ($opening->option->dose->factor ?? 1.0)),
            $alike && $cup === null ? $like?->sprayer_id : null,
            match (true) {
                $cup !== null => new AmountAnswer(...$cup->toArray()),
                $jar !== null => new AmountAnswer(...$jar->toArray()),
                $alike && $bench !== null => self::make($bench),
                default => null,
            },
            self::number($water, 'hardness_mg_L'),
            $opening->why === OpeningReason::Again ? self::number($water, 'celsius') : null,
            $bench?->get('agitation')->text(40),
            $stands === null ? $note : trim("{$stands['note']} {$note}"),
            $stands === null ? null : "/batches/{$stands['batch']}",
        );
    }

    private static function make(Node $bench): AmountAnswer
    {
        $unit = Unit::from($bench->get('unit')->text(InputLines::LONGEST_UNIT['value']));

        return new AmountAnswer(...Amount::of(round($bench->get('make_mL')->positive() / $unit->factor(), 9), $unit)->toArray());
    }

    private static function number(?Node $water, string $key): ?float
    {
        $value = $water?->get($key);

        return $value === null || $value->isNull() ? null : $value->number();
    }
}
