<?php

declare(strict_types=1);

namespace App\Notebook;

use Illuminate\Contracts\Cache\Factory;
use Illuminate\Contracts\Cache\Repository;

/** What was answered lately, in so many places at most; which one an answer takes follows from what was asked. */
final readonly class KeptAnswers
{
    private const STORE = 'answers';

    private const PLACES = 1024;

    private Repository $store;

    public function __construct(Factory $stores)
    {
        $this->store = $stores->store(self::STORE);
    }

    /** @return string|null what was answered under that mark; null where it is another's by now */
    public function find(string $asked, string $mark): ?string
    {
        $known = $this->store->get(self::place($asked));

        return is_array($known) && ($known['mark'] ?? null) === $mark && is_string($known['answer'] ?? null) ? $known['answer'] : null;
    }

    /** @param int $seconds for which it may be told again */
    public function keep(string $asked, string $mark, string $answer, int $seconds): void
    {
        $this->store->put(self::place($asked), ['mark' => $mark, 'answer' => $answer], $seconds);
    }

    public function forget(): void
    {
        $this->store->clear();
    }

    private static function place(string $asked): string
    {
        return (string) (crc32($asked) % self::PLACES);
    }
}
