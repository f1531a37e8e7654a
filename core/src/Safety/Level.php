<?php

declare(strict_types=1);

namespace IdleMixer\Core\Safety;

enum Level: string
{
    case Ok = 'ok';
    case Caution = 'caution';
    case Stop = 'stop';

    public function isWorseThan(self $other): bool
    {
        $order = [self::Ok->value => 0, self::Caution->value => 1, self::Stop->value => 2];

        return $order[$this->value] > $order[$other->value];
    }
}
