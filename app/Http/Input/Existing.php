<?php

declare(strict_types=1);

namespace App\Http\Input;

use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Words\Say;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;

/** A record that something new refers to. */
final class Existing
{
    /**
     * @template T of Model
     *
     * @param Builder<T> $records
     *
     * @return T
     *
     * @throws InvalidDocument when there is none of that number
     */
    public static function of(Node $node, Builder $records, string $what): Model
    {
        $id = $node->whole(1, \PHP_INT_MAX);

        return $records->find($id) ?? throw $node->fault(Say::it('input/existing.there-no-in-this-notebook', ['what' => $what]));
    }

    /**
     * As what may wait on a device names it: a row number may be another record by the time it arrives.
     *
     * @template T of Model
     *
     * @param Builder<T> $records
     *
     * @return T
     *
     * @throws InvalidDocument when none was sent under that UUID
     */
    public static function named(Node $node, Builder $records, string $what): Model
    {
        return $records->where('submission', strtolower($node->text(36)))->first() ?? throw $node->fault(Say::it('input/existing.there-no-in-this-notebook', ['what' => $what]));
    }

    /**
     * @template T of Model
     *
     * @param Builder<T> $records
     *
     * @return T|null
     *
     * @throws InvalidDocument when one is named and there is none of that number
     */
    public static function maybe(?Node $node, Builder $records, string $what): ?Model
    {
        return $node === null || $node->isNull() ? null : self::of($node, $records, $what);
    }
}
