<?php

declare(strict_types=1);

/* Writes docs/reading.md from the tables of lines and what the product says of them today. */

require dirname(__DIR__) . '/vendor/autoload.php';

file_put_contents(__DIR__ . '/reading.md', IdleMixer\Core\Tests\Phrase\ReadingPage::text());
