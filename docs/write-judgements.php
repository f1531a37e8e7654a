<?php

declare(strict_types=1);

/* Writes docs/judgements.md from what the product says today. */

require dirname(__DIR__) . '/vendor/autoload.php';

file_put_contents(__DIR__ . '/judgements.md', Tests\Feature\Judgements::page());
