<?php

declare(strict_types=1);

namespace IdleMixer\Core\Vessel;

use IdleMixer\Core\Failure;
use IdleMixer\Core\Words\Say;

/** A volume that the sprayer would have to be filled too often for. */
final class TooManyLoads extends \DomainException implements Failure
{
    private function __construct(string $message, public readonly int $loads, public readonly int $limit)
    {
        parent::__construct($message);
    }

    public static function becauseMoreThan(int $limit, int $loads): self
    {
        return new self(Say::it('vessel/too-many-loads.more-than', ['loads' => $loads, 'limit' => $limit]), $loads, $limit);
    }

    public function path(): string
    {
        return '/make/amount';
    }
}
