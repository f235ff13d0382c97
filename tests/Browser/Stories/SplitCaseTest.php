<?php

declare(strict_types=1);

namespace Tests\Browser\Stories;

/** Story 12: the housings of a split case, and the feeler that settles it. What it needs beside the line is told by the other sheets. */
final class SplitCaseTest extends StoryTestCase
{
    public function test_the_line_is_bored_past_what_hole_offset_and_stock_need_until_a_feeler_scraps_the_case(): void
    {
        $tag = $this->receive($this->window, 's', 'SF-'.random_int(10_000, 99_999));
        $this->open($tag, 'measure/housings');
        $this->stateTorqued();
        $worn = ['230', '215', '200', '220'];
        foreach ([20, 45, 90, 155] as $index => $degrees) {
            foreach ([1, 2, 3, 4] as $housing) {
                $this->key($housing === 2 ? "{$worn[$index]} um" : '0', "housing.{$housing}.{$degrees}");
            }
        }
        foreach ([1, 2, 3, 4] as $housing) {
            $this->key($housing === 2 ? '26 um' : '0', "offset.{$housing}");
            $this->key($housing === 2 ? '1' : '0', "imprint.{$housing}");
        }
        $margin = $this->text($this->window, '.margin');
        $this->assertStringContainsString('line bore to +0.50', $margin, '+0.25 is less than hole, offset and stock need');
        $this->assertStringNotContainsString('line hone', $margin, 'one of both, never the two at once');
        $this->assertStringNotContainsString('Scrap', $this->text($this->window, '.margin .stamp'));

        $this->key('0.05', 'gap.2');
        $this->untilSeen($this->window, '.margin .stamp', 'Scrap');
        $this->assertStringContainsString('feeler', $this->text($this->window, '.margin'));
        $this->assertAccessible($this->window, 'the housings of a scrapped case');
    }
}
