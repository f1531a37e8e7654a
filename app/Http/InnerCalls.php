<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Contracts\Container\Container;
use Illuminate\Contracts\Debug\ExceptionHandler;
use Illuminate\Http\Request;
use Illuminate\Routing\Router;
use Symfony\Component\HttpFoundation\Response;
use Throwable;

/** Answers questions of the API inside one call: what a screen asks for comes in one go, or within its page. */
final readonly class InnerCalls
{
    /** More than any screen asks for. */
    public const MOST = 16;

    public function __construct(private Router $router, private ExceptionHandler $faults, private Container $container) {}

    /**
     * @param list<string> $paths of the API, with their queries; each is only read
     *
     * @return array<string, array{int, string}> by path its status and what it answers, as JSON
     */
    public function each(array $paths): array
    {
        $outer = $this->container->make('request');
        $answers = [];
        foreach ($paths as $path) {
            $inner = Request::create($path);
            $this->container->instance('request', $inner);
            $answers[$path] = $this->one($inner);
        }
        $this->container->instance('request', $outer);

        return $answers;
    }

    /** @param array<string, array{int, string}> $answers */
    public static function json(array $answers): string
    {
        $parts = array_map(static fn(string $path, array $answer): string => json_encode($path, \JSON_THROW_ON_ERROR) . ":{\"status\":{$answer[0]},\"body\":{$answer[1]}}", array_keys($answers), $answers);

        return '{' . implode(',', $parts) . '}';
    }

    /** What would have been answered if it had come by itself. */
    public function dispatched(Request $inner): Response
    {
        try {
            return $this->router->dispatch($inner);
        } catch (Throwable $fault) {
            // What is no fault of the one who asks is written down as ever.
            $this->faults->report($fault);

            return $this->faults->render($inner, $fault);
        }
    }

    /** @return array{int, string} */
    private function one(Request $request): array
    {
        $response = $this->dispatched($request);

        return [$response->getStatusCode(), (string) $response->getContent()];
    }
}
