<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** What to do when leaves look burnt, and what may have done it. */
final readonly class BurntAnswer
{
    /**
     * @param list<string>           $aid    in order
     * @param list<BurntRoundAnswer> $rounds newest first
     */
    public function __construct(public array $aid, public array $rounds) {}
}
