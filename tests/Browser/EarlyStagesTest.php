<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** Receiving, pre-check and crack checks, the way a user goes. */
final class EarlyStagesTest extends BrowserTestCase
{
    protected function tearDown(): void
    {
        $this->clock(0);
        parent::tearDown();
    }

    public function test_an_engine_is_received_on_a_tablet_by_touch(): void
    {
        $window = $this->loggedIn('counter', 820, 1180);
        $window->get($this->url('/jobs/new'));
        $window->findElement(WebDriverBy::id('serial'))->sendKeys('T4-11862');
        $this->untilSeen($window, '[data-seen]', 'NL-0402');
        foreach (
            ['customer' => 'Sawmill', 'description' => 'head saw engine', 'castings' => '4417-B', 'budget' => '1800'] as $id => $text
        ) {
            $window->findElement(WebDriverBy::id($id))->sendKeys($text);
        }
        $window->findElement(WebDriverBy::cssSelector('main .button'))->click();
        $this->until($window, static fn (): bool => str_ends_with($window->getCurrentURL(), '/receive'), 'the new job');
        $tag = $this->text($window, '.head .tag');
        $this->stage($window, "/jobs/{$tag}/receive");
        $this->assertStringContainsString('Seen before', $this->text($window, '[data-fragment=margin]'));

        $window->findElement(WebDriverBy::cssSelector('#row-main-caps [data-key="2"]'))->click();
        $this->untilSeen($window, '#row-main-caps .keys [aria-pressed=true]', 'missing');
        $this->assertStringContainsString('0 of 5', $this->text($window, '#row-main-caps'));

        $window->findElement(WebDriverBy::id('claim-where'))->sendKeys('cylinder 2');
        $window->executeScript("document.querySelector('#claim-kind').value = 'sleeves fitted'");
        $window->findElement(WebDriverBy::cssSelector('#new-claim .button'))->click();
        $this->untilSeen($window, '#error-new-claim', 'How many does the paperwork say?');
        $this->assertSame(
            'cylinder 2',
            $window->findElement(WebDriverBy::id('claim-where'))->getAttribute('value'),
            'what was typed stands',
        );
        $window->findElement(WebDriverBy::id('claim-count'))->sendKeys('1');
        $window->findElement(WebDriverBy::cssSelector('#new-claim .button'))->click();
        $this->untilSeen($window, '[data-fragment=claims]', 'Sleeves fitted, cylinder 2, 1 not checked');
        $this->assertSame(
            '',
            $window->findElement(WebDriverBy::id('claim-where'))->getAttribute('value'),
            'the line is written down; the form starts anew',
        );

        $window->findElement(WebDriverBy::id('file-engine'))->sendKeys($this->picture());
        $this->until(
            $window,
            static fn (): bool => $window->executeScript(
                "const one = document.querySelector('.photos img'); return one !== null && one.complete && one.naturalWidth > 0",
            ),
            'the photo is shown',
            20,
        );
        $this->assertSmallTargets($window);
    }

    public function test_a_pre_check_goes_by_one_key_a_line_and_refuses_caustic_for_aluminium(): void
    {
        $window = $this->loggedIn('inspector');
        $tag = $this->newJob($window, 'Q', 'Q3-KEYS');
        $this->stage($window, "/jobs/{$tag}/clean");
        $window->executeScript("document.querySelector('[data-row]').focus()");

        $this->press($window, '1');
        $this->untilSeen($window, '#error-item-wash-block', 'Caustic eats aluminium');
        $this->press($window, WebDriverKeys::ARROW_UP, '2');
        $this->untilSeen($window, '#row-wash-block', 'jet washer, mild detergent');
        $this->press($window, '3');
        $this->untilSeen($window, '#row-wash-head', 'solvent tank');
        $this->press($window, '1', '2');
        $this->until(
            $window,
            static fn (): bool => $window->executeScript("return document.querySelectorAll('.row .keys [aria-pressed=true]').length >= 4"),
            'four lines answered',
        );
        $this->assertSame('row-face-head', $window->switchTo()->activeElement()->getAttribute('id'), 'the next line is under the hand');

        $window->executeScript("document.querySelector('#row-caps').focus(); document.querySelector('#remark-caps').focus()");
        $this->press($window, 'cap 3 rocks', WebDriverKeys::ENTER);
        $this->untilSeen($window, '#row-caps', 'cap 3 rocks');
        $this->untilSeen($window, '#row-caps .keys [aria-pressed=true]', 'finding');
    }

    public function test_a_full_dye_check_is_guided_by_its_timers(): void
    {
        $window = $this->loggedIn('inspector');
        $tag = $this->newJob($window, 'T', 'T4-DYE');
        $this->stage($window, "/jobs/{$tag}/cracks");
        $window->executeScript('window.warned = 0; navigator.vibrate = () => { window.warned++; return true; }');
        $window->findElement(WebDriverBy::cssSelector('#begin-check .button'))->click();
        $this->untilSeen($window, '.running', 'Clean and dry');
        $this->done($window);
        $this->untilSeen($window, '.running', 'Penetrant on');
        $this->done($window);
        $this->untilSeen($window, '.running', 'Wipe off');
        $this->until(
            $window,
            fn (): bool => preg_match('/^(10:00|9:5\d)$/', $this->text($window, '.timer b')) === 1,
            'ten minutes on the timer',
        );
        $this->assertMatchesRegularExpression('/^(10:00|9:5\d) · /', $window->getTitle());

        $this->clock(9 * 60);
        $this->stage($window, "/jobs/{$tag}/cracks");
        $this->until(
            $window,
            fn (): bool => preg_match('/^(1:00|0:5\d)$/', $this->text($window, '.timer b')) === 1,
            'the timer goes on after a reload',
        );
        $window->findElement(WebDriverBy::cssSelector('.head h1'))->click();
        $window->executeScript('window.warned = 0; navigator.vibrate = () => { window.warned++; return true; }');
        $this->clock(10 * 60 + 5);
        $this->untilSeen($window, '.timer b', 'due');
        $this->assertStringStartsWith('◆ due', $window->getTitle());
        $this->assertSame(1, $window->executeScript('return window.warned'), 'it warns once');

        $bench = $this->loggedIn('machinist');
        $this->untilSeen($bench, '[data-timer="'.$tag.'"]', 'due');

        $this->done($window);
        $this->untilSeen($window, '.running', 'Developer on');
        $this->done($window);
        $this->untilSeen($window, '.running', 'Read it');
        $this->clock(21 * 60);
        $this->untilSeen($window, '.timer b', 'due');
        $this->press($window, 'n', 'l');
        $this->until(
            $window,
            static fn (): bool => $window->executeScript("return document.querySelectorAll('.pin.looked').length === 1"),
            'one place looked at by keyboard',
        );
        $this->done($window);
        $this->untilSeen($window, '.stamp', 'No indication found');
        $this->untilSeen($window, '.running', 'Oil the bare faces');
        $this->done($window);
        $this->until(
            $window,
            static fn (): bool => $window->executeScript("return document.querySelector('.running') === null"),
            'the check is through',
        );
        $this->assertStringNotContainsString('read early', $this->text($window, 'main'));
    }

    public function test_an_indication_is_placed_and_retested_by_keyboard(): void
    {
        $window = $this->loggedIn('inspector');
        $tag = $this->newJob($window, 'C', 'CL-KEYS');
        $this->stage($window, "/jobs/{$tag}/cracks");
        $this->press($window, 'n');
        $this->untilSeen($window, '[data-map-said]', 'valve seat to bore, cylinder 2');
        $this->press($window, WebDriverKeys::ENTER, WebDriverKeys::ARROW_DOWN, WebDriverKeys::ENTER, '1');
        $this->until(
            $window,
            static fn (): bool => $window->executeScript("return document.querySelector('[data-indication-dialog]').open"),
            'the dialog is open',
        );
        $this->assertSame(
            ['valve seat to bore', '2', 'sharp line'],
            $window->executeScript(
                "const f = document.querySelector('#new-indication'); return [f.zone.value, f.cylinder.value, f.look.value]",
            ),
        );
        $this->press($window, WebDriverKeys::ESCAPE, '7');
        $this->assertSame(
            'hole',
            $window->executeScript("return document.querySelector('#new-indication').look.value"),
            'every look that shows a key has one',
        );
        $this->press($window, WebDriverKeys::ESCAPE, '1');
        $this->press($window, '.5', WebDriverKeys::ENTER);
        $this->untilSeen($window, '.indication', '1. Suspect');
        $this->untilSeen($window, '.stamp', 'Suspect');
        $this->assertSame(1, $window->executeScript("return document.querySelectorAll('.mark-on-map.close polyline').length"));

        $window->findElement(WebDriverBy::cssSelector('.indication .button'))->sendKeys(WebDriverKeys::ENTER);
        $this->untilSeen($window, '.running', 'Retest of indication 1');
        $this->done($window);
        $this->untilSeen($window, '.running', 'Developer on again');
        $this->done($window);
        $this->untilSeen($window, '.running', 'Read it again');
        $this->clock(11 * 60);
        $this->untilSeen($window, '.timer b', 'due');
        $window->findElement(WebDriverBy::cssSelector('.look-answers button[value="sharp line"]'))->sendKeys(WebDriverKeys::ENTER);
        $this->untilSeen($window, '.indication', '1. Crack');
        $this->untilSeen($window, '.indication', 'The table proposes: repair with seat insert');
        $this->untilSeen($window, '.stamp', 'waits for the customer');
        $window->get($this->url('/find?q=CL-'));
        $this->assertStringContainsString('hold', $this->text($window, 'table'));
    }

    public function test_two_people_see_each_others_marks_and_nobody_loses_what_is_typed(): void
    {
        $one = $this->loggedIn('inspector');
        $tag = $this->newJob($one, 'B', 'BV-PAIR');
        $two = $this->loggedIn('owner');
        $this->stage($one, "/jobs/{$tag}/cracks");
        $this->stage($two, "/jobs/{$tag}/cracks");
        $two->findElement(WebDriverBy::id('check-lab'))->sendKeys('the railway wor');

        $this->press($one, WebDriverKeys::ENTER, '1');
        $this->until(
            $one,
            static fn (): bool => $one->executeScript("return document.querySelector('[data-indication-dialog]').open"),
            'the dialog is open',
        );
        $this->press($one, WebDriverKeys::ENTER);
        $this->untilSeen($two, '.indication', '1. Suspect');
        $this->assertSame('the railway wor', $two->findElement(WebDriverBy::id('check-lab'))->getAttribute('value'));
        $this->press($two, 'ks');
        $this->assertSame(
            'the railway works',
            $two->findElement(WebDriverBy::id('check-lab'))->getAttribute('value'),
            'the pen is still in hand',
        );
    }

    public function test_without_a_network_answers_wait_in_order_and_are_written_once(): void
    {
        $window = $this->loggedIn('inspector');
        $tag = $this->newJob($window, 'T', 'T4-AWAY');
        $this->stage($window, "/jobs/{$tag}/clean");
        $server = new WebServer();
        $server->stop();
        try {
            $window->executeScript("document.querySelector('#row-face-deck').focus()");
            $this->press($window, '1', '1', '2');
            $this->untilSeen($window, '[data-outbox-state]', '3 entries wait in this browser');
        } finally {
            $server->start();
        }
        $this->until(
            $window,
            static fn (): bool => $window->executeScript("return document.querySelectorAll('.row .keys [aria-pressed=true]').length === 3"),
            'three answers came through',
            20,
        );
        $this->until(
            $window,
            static fn (): bool => $window->executeScript("return document.querySelector('[data-outbox-state]').hidden"),
            'nothing waits any more',
        );
        $window->get($this->url("/jobs/{$tag}/history"));
        $this->assertSame(3, substr_count($this->text($window, 'table.ledger'), 'pre-check'));
    }

    public function test_a_session_that_has_ended_loses_no_answer(): void
    {
        $window = $this->loggedIn('inspector');
        $tag = $this->newJob($window, 'T', 'T4-ENDED');
        $this->stage($window, "/jobs/{$tag}/clean");
        $window->manage()->deleteAllCookies();
        $window->executeScript("document.querySelector('#row-caps').focus()");
        $this->press($window, '2');
        $this->untilSeen($window, '[data-outbox-state]', 'Log in again; nothing is lost.');
        $window->findElement(WebDriverBy::cssSelector('[data-outbox-state] a'))->click();
        $this->until($window, static fn (): bool => str_contains($window->getCurrentURL(), '/login'), 'the door');
        $this->untilFocused($window, '#login');
        $this->press($window, 'inspector', WebDriverKeys::TAB, 'demo-shop', WebDriverKeys::ENTER);
        $this->until($window, static fn (): bool => str_ends_with($window->getCurrentURL(), '/clean'), 'back on the page');
        $this->untilSeen($window, '#row-caps .keys [aria-pressed=true]', 'finding', 20);
    }

    public function test_an_answer_refused_after_its_page_was_left_is_listed_until_it_is_dropped(): void
    {
        $window = $this->loggedIn('inspector');
        $page = $this->refusedWithoutItsForm($window, 'Q3-LEFT');
        $this->pressRefused($window, 'Drop it');
        $this->stage($window, $page);
        $this->assertSame('', $this->text($window, '[data-refused]'));
        $this->assertSame('', $this->text($window, '#item-wash-block [data-form-error]'), 'dropped, not sent once more');
    }

    public function test_an_answer_that_was_refused_is_sent_again_and_its_refusal_then_stands_beside_its_form(): void
    {
        $window = $this->loggedIn('inspector');
        $page = $this->refusedWithoutItsForm($window, 'Q3-AGAIN');
        $this->pressRefused($window, 'Send it again');
        $this->untilSeen($window, '#item-wash-block [data-form-error]', 'Caustic eats aluminium');
        $this->stage($window, $page);
        $this->assertSame('', $this->text($window, '[data-refused]'));
    }

    public function test_a_new_revision_of_a_sheet_is_made_in_the_spec_book(): void
    {
        $window = $this->loggedIn('owner');
        $window->get($this->url('/specs/quern-3-16/edit'));
        $field = $window->findElement(WebDriverBy::cssSelector('input[name="value[/bore/service/taper]"]'));
        $field->clear();
        $field->sendKeys('tight');
        $window->findElement(WebDriverBy::id('reason'))->sendKeys(['a try', WebDriverKeys::ENTER]);
        $this->untilSeen($window, '[role=alert]', 'Bore, service, taper');
        $this->assertSame('tight', $window->findElement(WebDriverBy::cssSelector('input.wrong'))->getAttribute('value'));
        $wrong = $window->findElement(WebDriverBy::cssSelector('input.wrong'));
        $wrong->clear();
        $wrong->sendKeys('0.045');
        $window->findElement(WebDriverBy::id('reason'))->sendKeys([' again', WebDriverKeys::ENTER]);
        $this->untilSeen($window, '[role=status]', 'Revision 2 stands from now on.');
        $window->get($this->url('/specs/quern-3-16/compare'));
        $this->untilSeen($window, 'table.ledger', 'Bore: service, taper');
    }

    public function test_a_tag_shows_a_code_that_was_drawn(): void
    {
        $window = $this->loggedIn('counter');
        $window->get($this->url('/jobs/NL-0409/tag?print=sheet'));
        $this->until(
            $window,
            static fn (): bool => $window->executeScript(
                "return document.querySelectorAll('[data-qr][data-drawn=yes] path[d^=M]').length === 8",
            ),
            'eight codes',
        );
    }

    private function newJob(RemoteWebDriver $window, string $familyLetter, string $serial): string
    {
        $window->get($this->url('/jobs/new'));
        $this->untilFocused($window, '#family');
        $this->press($window, $familyLetter, WebDriverKeys::TAB, $serial, WebDriverKeys::TAB, 'Brickworks', WebDriverKeys::ENTER);
        $this->until($window, static fn (): bool => str_ends_with($window->getCurrentURL(), '/receive'), 'the new job');

        return $this->text($window, '.head .tag');
    }

    private function done(RemoteWebDriver $window): void
    {
        $window->executeScript("document.querySelector('.running form .button').click(); document.querySelector('[data-map]').focus()");
    }

    /** An answer that was refused when its form was gone from the page, which then is opened anew and lists it. */
    private function refusedWithoutItsForm(RemoteWebDriver $window, string $serial): string
    {
        $page = "/jobs/{$this->newJob($window, 'Q', $serial)}/clean";
        $this->stage($window, $page);
        $server = new WebServer();
        $server->stop();
        try {
            $window->executeScript("document.querySelector('#row-wash-block').focus()");
            $this->press($window, '1');
            $this->untilSeen($window, '[data-outbox-state]', '1 entry waits');
            $window->executeScript("document.querySelector('#item-wash-block').remove()");
        } finally {
            $server->start();
        }
        $this->untilSeen($window, '[data-refused]', 'Not written: Block washed. Caustic eats aluminium', 20);
        $this->stage($window, $page);
        $this->untilSeen($window, '[data-refused]', 'Caustic eats aluminium');

        return $page;
    }

    private function pressRefused(RemoteWebDriver $window, string $words): void
    {
        $window->findElement(WebDriverBy::xpath("//*[@data-refused]//button[text()=\"{$words}\"]"))->click();
        $this->until($window, fn (): bool => $this->text($window, '[data-refused]') === '', "“{$words}” has taken it from the list");
    }

    /** No control that a thumb has to hit is smaller than 24 px, the least that WCAG 2.2 allows; most are 44. */
    private function assertSmallTargets(RemoteWebDriver $window): void
    {
        $this->assertSame(
            [],
            $window->executeScript(
                "return [...document.querySelectorAll('main button, main a.button, main select')].filter((one) => one.offsetParent ".
                    '&& one.getBoundingClientRect().height < 24).map((one) => one.textContent)',
            ),
        );
    }

    private function picture(): string
    {
        $path = sys_get_temp_dir().'/engine-'.bin2hex(random_bytes(4)).'.jpg';
        imagejpeg(imagecreatetruecolor(1_200, 900), $path);

        return $path;
    }
}
