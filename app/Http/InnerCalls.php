<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Contracts\Container\Container;
use Illuminate\Contracts\Debug\ExceptionHandler;
use Illuminate\Http\Request;
use Illuminate\Routing\Router;
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
     * @return string a JSON object: by path its `status` and `body`
     */
    public function together(array $paths): string
    {
        $outer = $this->container->make('request');
        $answers = [];
        foreach ($paths as $path) {
            $inner = Request::create($path);
            $this->container->instance('request', $inner);
            $answers[] = json_encode($path, \JSON_THROW_ON_ERROR) . ':' . $this->one($inner);
        }
        $this->container->instance('request', $outer);

        return '{' . implode(',', $answers) . '}';
    }

    private function one(Request $request): string
    {
        try {
            $response = $this->router->dispatch($request);
        } catch (Throwable $fault) {
            // What is no fault of the one who asks is written down as ever.
            $this->faults->report($fault);
            $response = $this->faults->render($request, $fault);
        }

        return '{"status":' . $response->getStatusCode() . ',"body":' . $response->getContent() . '}';
    }
}
