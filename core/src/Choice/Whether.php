<?php

declare(strict_types=1);

namespace IdleMixer\Core\Choice;

/** Whether to spray at all, why, and when to look again. */
final readonly class Whether
{
    public Answer $answer;

    /**
     * @param int|null     $lookInDays days until somebody looks again; null where it is sprayed
     * @param string       $source     key of the source that the line is of
     * @param list<string> $enemies    slugs of those that do the work
     */
    public function __construct(public WhyWhether $why, public ?int $lookInDays, public string $source, public array $enemies = [])
    {
        $this->answer = $why->answer();
    }
}
