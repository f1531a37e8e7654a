<?php

declare(strict_types=1);

namespace App\Http\Input;

use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Emulsion\Agitation;

/** How much coarser than usual somebody mixes, as `?hand=1.3` beside a plan request. */
final class HandInput
{
    private const FINEST = 0.05;

    private const COARSEST = 20.0;

    /**
     * @param array<array-key, mixed>|string|null $given
     *
     * @throws InvalidDocument when it is no number from 0.05 to 20
     */
    public static function read(array|string|null $given): float
    {
        $hand = is_string($given) && is_numeric($given) ? (float) $given : 0.0;
        if ($hand < self::FINEST || $hand > self::COARSEST) {
            throw InvalidDocument::because('/hand', 'Expected a number from 0.05 to 20 for the hand that mixes, found {found}.', is_string($given) ? $given : null);
        }

        return $hand;
    }

    /**
     * @param array<array-key, mixed>|string|null $given
     *
     * @throws InvalidDocument when it is none that is known
     */
    public static function agitation(array|string|null $given): Agitation
    {
        return (is_string($given) ? Agitation::tryFrom($given) : null)
            ?? throw InvalidDocument::because('/agitation', '{found} is no known way of working a mix; known are ' . implode(', ', array_column(Agitation::cases(), 'value')) . '.', is_string($given) ? $given : null);
    }
}
