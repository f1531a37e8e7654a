<?php

declare(strict_types=1);

namespace IdleMixer\Core\Method;

/** Whether it is rinsed off with clean water, and when. */
enum Rinse: string
{
    case No = 'no';
    case AfterSoak = 'after-soak';
    case NextDay = 'next-day';
}
