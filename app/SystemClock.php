<?php

declare(strict_types=1);

namespace App;

use Carbon\CarbonImmutable;
use DateTimeImmutable;
use Illuminate\Contracts\Config\Repository;
use Psr\Clock\ClockInterface;

/** The time, which tests may set; a browser test does so through a file. */
final readonly class SystemClock implements ClockInterface
{
    private ?string $file;

    public function __construct(Repository $config)
    {
        $file = $config->get('mixer.clock_file');
        $this->file = is_string($file) && $file !== '' ? $file : null;
    }

    public function now(): DateTimeImmutable
    {
        $now = CarbonImmutable::now('UTC');
        if ($this->file !== null && is_file($this->file)) {
            $now = $now->addSeconds((int) file_get_contents($this->file));
        }

        return $now->toDateTimeImmutable();
    }
}
