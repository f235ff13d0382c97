<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\Attributes\DataProvider;

/** Every page of the demo shop: accessible, nothing past the edge, no error in the console. */
final class PagesTest extends BrowserTestCase
{
    private const PAGES = [
        '/',
        '/jobs/new',
        '/shop',
        '/find?q=tarn',
        '/jobs/NL-0404/receive',
        '/jobs/NL-0404/clean',
        '/jobs/NL-0404/cracks',
        '/jobs/NL-0404/measure',
        '/jobs/NL-0409/receive',
        '/jobs/NL-0410/clean',
        '/jobs/NL-0410/cracks',
        '/jobs/NL-0411/cracks',
        '/jobs/NL-0411/cracks?face=crankshaft',
        '/jobs/NL-0414/cracks',
        '/jobs/NL-0414/clean',
        '/jobs/NL-0410/judge',
        '/jobs/NL-0410/plan',
        '/jobs/NL-0409/tag',
        '/jobs/NL-0409/tag?print=sheet',
        '/specs',
        '/specs/sorrel-f4',
        '/specs/tarn-4-198/edit',
        '/specs/tarn-4-198/compare',
        '/jobs/NL-0406/measure',
        '/jobs/NL-0408/measure',
        '/jobs/NL-0415/measure',
        '/jobs/NL-0402/judge',
        '/jobs/NL-0408/judge',
        '/jobs/NL-0403/plan',
        '/jobs/NL-0408/plan',
        '/jobs/NL-0406/work',
        '/jobs/NL-0423/work',
        '/jobs/NL-0423/work/at/sleeve.2',
        '/jobs/NL-0424/work/at/hone.5',
        '/jobs/NL-0425/work/at/deck.1',
        '/jobs/NL-0426/work/at/polish',
        '/jobs/NL-0427/work',
        '/jobs/NL-0427/work/at/bore.2',
        '/practice',
        '/practice/read/micrometer-inch-vernier?seed=5&spot=vernier',
        '/practice/read/dial-indicator?seed=7',
        '/practice/method/wash?seed=3',
        '/load',
        '/load?form=list',
        '/load/print',
        '/load/hours',
        '/practice/rocking?seed=4',
        '/machines',
        '/machines/hone',
        '/jobs/NL-0407/verify',
        '/jobs/NL-0404/verify',
        '/jobs/NL-0426/verify/crankshaft',
        '/jobs/NL-0428/verify/crankshaft',
        '/jobs/NL-0428/certificate',
        '/jobs/NL-0431/certificate',
        '/jobs/NL-0431/build-sheet',
        '/jobs/NL-0431/verify/heads',
        '/jobs/NL-0431/verify/deck',
        '/jobs/NL-0429/verify',
        '/jobs/NL-0430/verify/parts/rods',
        '/jobs/NL-0401/release',
        '/jobs/NL-0401/certificate',
        '/jobs/NL-0407/release',
        '/jobs/NL-0401/history',
        '/nowhere',
        '/gauges',
        '/gauges/G-02',
        '/gauges?show=retired',
        '/jobs/NL-0416/bores/1',
        '/jobs/NL-0416/bores/2',
        '/jobs/NL-0416/measure',
        '/jobs/NL-0417/measure',
        '/jobs/NL-0417/judge',
        '/jobs/NL-0417/plan',
        '/jobs/NL-0404/sheets/bores/import',
        '/jobs/NL-0418/measure/crankshaft',
        '/jobs/NL-0418/measure/deck',
        '/jobs/NL-0418/measure/heads',
        '/jobs/NL-0418/measure/weights',
        '/jobs/NL-0418/measure/volumes',
        '/jobs/NL-0419/measure/housings',
        '/jobs/NL-0419/measure/rods',
        '/jobs/NL-0418/judge',
        '/jobs/NL-0418/findings',
        '/jobs/NL-0418/plan',
        '/jobs/NL-0418/offers',
        '/jobs/NL-0418/parts',
        '/jobs/NL-0418/running',
        '/jobs/NL-0420/offers',
        '/jobs/NL-0421/offers',
        '/jobs/NL-0422/plan',
        '/people',
        '/own',
        '/shop/prices',
        '/shop/prices?family=brae-v8-311',
        '/shop/shelf',
        '/customers',
        '/customers/1',
        '/mailbox',
        '/specs/lookup?size[bore]=3.8131&size[stroke]=long',
    ];

    /** @return iterable<string, array{int, int, string}> */
    public static function windows(): iterable
    {
        yield 'bench screen' => [1280, 800, 'paper'];
        yield 'bench screen at night' => [1280, 800, 'night'];
        yield 'tablet' => [820, 1180, 'paper'];
        yield 'phone' => [390, 844, 'paper'];
    }

    #[DataProvider('windows')]
    public function test_pages_are_accessible_and_fit(int $width, int $height, string $light): void
    {
        $window = $this->loggedIn('owner', $width, $height);
        $window->executeScript("localStorage.setItem('north-ledger-light', arguments[0])", [$light]);
        foreach (self::PAGES as $page) {
            $window->get($this->url($page));
            $this->assertAccessible($window, "{$page} at {$width}, {$light}");
            $this->assertLessThanOrEqual(
                $width,
                $window->executeScript('return document.documentElement.scrollWidth'),
                "{$page} at {$width} runs past the edge",
            );
            $this->assertGreaterThan(
                $width / 2,
                $window->executeScript("return document.querySelector('main.sheet')?.getBoundingClientRect().width ?? innerWidth"),
                "{$page} at {$width} has no room for its sheet",
            );
        }
    }

    public function test_the_log_in_page_is_accessible(): void
    {
        $window = $this->window();
        $window->get($this->url('/login'));
        $this->assertAccessible($window, 'log-in');
    }

    public function test_the_whole_sheet_of_a_vee_eight_stands_on_one_screen_with_its_entry_line(): void
    {
        $window = $this->loggedIn('inspector');
        $window->get($this->url('/jobs/NL-0406/measure'));
        $this->untilReady($window);
        /** @var array{float, float} $bottoms */
        $bottoms = $window->executeScript(
            "return [document.querySelector('table.bores tr.derived:last-of-type, tr.piston').getBoundingClientRect().bottom, ".
                "document.querySelector('.entry').getBoundingClientRect().bottom]",
        );
        $this->assertLessThanOrEqual(800, $bottoms[0]);
        $this->assertLessThanOrEqual(801, $bottoms[1]);
        $this->assertFalse(
            $window->executeScript("const one = document.querySelector('[data-fragment=table]'); return one.scrollWidth > one.clientWidth"),
        );
    }

    public function test_pages_load_without_a_complaint_of_the_browser(): void
    {
        $window = $this->loggedIn('owner');
        foreach (self::PAGES as $page) {
            $window->get($this->url($page));
            $complaints = array_filter(
                $window->manage()->getLog('browser'),
                static fn (array $line): bool => $line['level'] === 'SEVERE' && ! str_contains($page, 'nowhere'),
            );
            $this->assertSame([], array_column($complaints, 'message'), $page);
        }
    }

    public function test_orders_certificates_and_tags_print_on_one_page(): void
    {
        $window = $this->loggedIn('owner');
        foreach (
            [
                '/jobs/NL-0406/work',
                '/jobs/NL-0401/certificate',
                '/jobs/NL-0418/findings',
                '/specs/lookup?size[bore]=3.8131&size[stroke]=long',
                '/jobs/NL-0409/tag?print=sheet',
                '/jobs/NL-0409/tag',
            ] as $page
        ) {
            $window->get($this->url($page));
            foreach ([[21.0, 29.7], [21.59, 27.94]] as [$width, $height]) {
                /** @var string $pdf */
                $pdf = $window->executeCustomCommand('/session/:sessionId/print', 'POST', [
                    'page' => ['width' => $width, 'height' => $height],
                    'margin' => ['top' => 1.2, 'bottom' => 1.2, 'left' => 1.2, 'right' => 1.2],
                ]);
                $this->assertSame(
                    1,
                    preg_match_all('#/Type\s*/Page\b#', (string) base64_decode($pdf, true)),
                    "{$page} on {$width} by {$height} cm",
                );
            }
        }
    }

    public function test_slash_finds_a_job_from_any_page(): void
    {
        $window = $this->loggedIn('counter');
        $window->get($this->url('/jobs/NL-0402/judge'));
        $this->press($window, '/', 'F6-0093', "\n");
        $this->until($window, static fn (): bool => str_contains($window->getCurrentURL(), '/jobs/NL-0403'), 'the railcar engine');
    }
}
