<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Exception\PhpWebDriverExceptionInterface;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;

/** A browser that the tests of this process share: each finds it as if nobody had used it before. */
final class Browser
{
    /** Chromium without its window, which takes a tenth less of a machine; where it is not there, Chromium does without showing it. */
    private const WITHOUT_WINDOW = '/usr/bin/chromium-headless-shell';

    /** @var list<self> */
    private static array $running = [];

    /** Two devices at once are two browsers. */
    private bool $used = false;

    private bool $gone = false;

    private function __construct(private readonly bool $ours, private readonly bool $listens, public readonly RemoteWebDriver $driver, public readonly ChromeDevToolsDriver $tools, private readonly string $profile, private readonly string $home) {}

    /**
     * @param bool $ours    whether it is served by a household’s own authority, which is in no browser’s store; who it is checked by is
     *                      tests/Faults/PhoneTest.php
     * @param bool $listens whether everything that is asked for is written down, which is much
     */
    public static function running(bool $ours, bool $listens): self
    {
        foreach (self::$running as $there) {
            if ($there->ours === $ours && $there->listens === $listens && ! $there->used) {
                if ($there->answers()) {
                    return $there;
                }
                $there->kill();
            }
        }

        return self::$running[] = self::start($ours, $listens);
    }

    /** A tab to which nothing was done yet. */
    public function open(): void
    {
        $this->used = true;
        $this->driver->switchTo()->window($this->home)->switchTo()->newWindow();
        // What was said to the one before is not told of this one.
        $this->driver->manage()->getLog('browser');
        if ($this->listens) {
            $this->driver->manage()->getLog('performance');
        }
    }

    /** Closes all tabs, and then forgets what was kept for an address: what is in use is not let go of. */
    public function forget(string $address): void
    {
        $this->used = false;
        try {
            foreach ($this->driver->getWindowHandles() as $tab) {
                if (is_string($tab) && $tab !== $this->home) {
                    $this->driver->switchTo()->window($tab)->close();
                }
            }
            $this->driver->switchTo()->window($this->home);
            $this->tools->execute('Storage.clearDataForOrigin', ['origin' => $address, 'storageTypes' => 'all']);
            $this->tools->execute('Network.clearBrowserCookies');
            $this->tools->execute('Network.clearBrowserCache');
        } catch (PhpWebDriverExceptionInterface) {
            $this->kill();
        }
    }

    private function answers(): bool
    {
        try {
            return in_array($this->home, $this->driver->getWindowHandles(), true);
        } catch (PhpWebDriverExceptionInterface) {
            return false;
        }
    }

    /** It hangs or broke, and is not asked any more: the next test gets another. */
    private function kill(): void
    {
        self::$running = array_values(array_filter(self::$running, fn(self $one): bool => $one !== $this));
        $this->gone = true;
        exec('pkill -KILL -f ' . escapeshellarg("user-data-dir={$this->profile}"));
        exec('rm -rf ' . escapeshellarg($this->profile));
    }

    private function quit(): void
    {
        if ($this->gone) {
            return;
        }
        try {
            $this->driver->quit();
            exec('rm -rf ' . escapeshellarg($this->profile));
        } catch (PhpWebDriverExceptionInterface) {
            $this->kill();
        }
    }

    private static function start(bool $ours, bool $listens): self
    {
        // ./check ends the browsers that it started, and no others.
        $folder = getenv('MIXER_PROFILES');
        $profile = (is_string($folder) && is_dir($folder) ? $folder : sys_get_temp_dir()) . '/idle-mixer-profile-' . bin2hex(random_bytes(6));
        $options = new ChromeOptions();
        $capabilities = DesiredCapabilities::chrome();
        if (is_executable(self::WITHOUT_WINDOW)) {
            $options->setBinary(self::WITHOUT_WINDOW);
            $capabilities->setBrowserName('chrome-headless-shell');
        } else {
            $options->addArguments(['--headless=new']);
        }
        $options->addArguments(['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync', '--accept-lang=en-IE', '--hide-scrollbars', '--window-size=1280,800', "--user-data-dir={$profile}"]);
        $capabilities->setCapability(ChromeOptions::CAPABILITY, $options);
        $capabilities->setCapability('goog:loggingPrefs', ['browser' => 'ALL', 'performance' => $listens ? 'ALL' : 'OFF']);
        $capabilities->setCapability('acceptInsecureCerts', $ours);
        $driver = RemoteWebDriver::create(Driver::address(), $capabilities, 60_000, 180_000);
        // A machine that others use as well may be at a standstill for longer than half a minute.
        $driver->manage()->timeouts()->setScriptTimeout(120);
        $browser = new self($ours, $listens, $driver, new ChromeDevToolsDriver($driver), $profile, $driver->getWindowHandle());
        register_shutdown_function($browser->quit(...));

        return $browser;
    }
}
