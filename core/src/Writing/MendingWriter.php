<?php

declare(strict_types=1);

namespace IdleMixer\Core\Writing;

use IdleMixer\Core\Bench\Bench;
use IdleMixer\Core\Plan\Mending;
use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Recipe\RecipeWriter;
use IdleMixer\Core\Wording\MendingWords;

/** Writes what mends a plan: only what is another on the bench then. */
final readonly class MendingWriter
{
    public function __construct(private MendingWords $words) {}

    public function write(Mending $mending, Bench $before): WrittenMending
    {
        $after = $mending->bench;

        return new WrittenMending(
            $mending->about,
            $mending->kind->value,
            $this->words->of($mending),
            $after->recipe === $before->recipe ? null : RecipeWriter::write($after->recipe),
            $after->make === $before->make ? null : Amount::of(round($after->make->in($before->unit), 9), $before->unit)->toArray(),
            $after->highEnd === $before->highEnd ? null : $after->highEnd,
            $after->factor === $before->factor ? null : $after->factor,
            $after->water === $before->water ? null : $after->water->hardness,
            $after->circumstances === $before->circumstances ? null : $after->circumstances->everyDays,
        );
    }
}
