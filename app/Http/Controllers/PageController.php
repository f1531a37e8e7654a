<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\InnerCalls;
use App\Http\Page;
use App\Http\Screen;
use App\Notebook\Places;
use DateTimeZone;
use IdleMixer\Core\Words\Say;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Every screen is one page; its script reads the address. */
final readonly class PageController
{
    private const THEMES = ['enamel', 'shed'];

    /** The frame alone, which a device keeps for when no line is. */
    private const SHELL = '/shell';

    public function __construct(private InnerCalls $calls, private Places $places) {}

    public function __invoke(Request $request): Response|StreamedResponse
    {
        $folder = public_path('build');
        if (! Page::isBuilt($folder)) {
            return new Response(Say::it('calls/page-controller.screens-are-not-built-yet'), 503, ['Content-Type' => 'text/plain; charset=utf-8']);
        }
        $path = '/' . ltrim($request->path(), '/');
        // A missing file is no screen.
        if (preg_match('#\.\w{1,12}$#', $path) === 1) {
            return new Response(Say::it('calls/page-controller.there-no-such-file'), 404, ['Content-Type' => 'text/plain; charset=utf-8']);
        }
        $zone = $request->cookies->get('zone');
        $theme = $request->cookies->get('theme');
        $screen = Screen::at($path, $request->getQueryString() ?? '', is_string($zone) && in_array($zone, DateTimeZone::listIdentifiers(DateTimeZone::ALL_WITH_BC), true) ? $zone : '');

        $page = new Page($this->calls, $folder, (string) file_get_contents(resource_path('css/shell.css')), $this->places->opened()->notebook ?? '');
        $parts = $page->parts($screen, in_array($theme, self::THEMES, true) ? $theme : '');

        return new StreamedResponse(static function () use ($parts): void {
            foreach ($parts as $part) {
                echo $part;
                // Past the buffer of PHP, too, where its settings ask for one.
                if (ob_get_level() > 0) {
                    ob_flush();
                }
                flush();
            }
        }, $screen === null && $path !== self::SHELL ? 404 : 200, ['Content-Type' => 'text/html; charset=utf-8', 'Content-Security-Policy' => $page->policy()]);
    }
}
