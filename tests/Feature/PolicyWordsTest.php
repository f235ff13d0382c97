<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\People\Role;
use App\Sheet\SheetKeys;
use App\Shop\PolicyForm;
use App\Shop\PolicySetting;
use App\Words\Line;
use NorthLedger\Core\Engine\Specification\EnginePart;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Every setting of the shop's rules is called something, says what it changes, and is found on its page. */
final class PolicyWordsTest extends TestCase
{
    private const NAME_OF_A_LINE = '/^(policy|sheet)\.|:[a-z]/';

    public function test_every_setting_and_every_choice_has_its_words(): void
    {
        foreach (PolicyForm::groups() as $group => $settings) {
            $this->assertDoesNotMatchRegularExpression(self::NAME_OF_A_LINE, Line::of("policy.groups.{$group}"));
            foreach ($settings as $setting) {
                $said = [$setting->label, ...array_values($setting->options), ...($setting->options === [] ? [$setting->changes] : [])];
                foreach ($said as $words) {
                    $this->assertNotSame('', $words, $setting->key);
                    $this->assertDoesNotMatchRegularExpression(self::NAME_OF_A_LINE, $words, $setting->key);
                }
            }
        }
    }

    public function test_no_two_settings_of_a_group_are_called_the_same(): void
    {
        foreach (PolicyForm::groups() as $group => $settings) {
            $labels = array_map(static fn (PolicySetting $setting): string => $setting->label, $settings);
            $this->assertSame($labels, array_unique($labels), $group);
            $keys = array_map(static fn (PolicySetting $setting): string => $setting->key, $settings);
            $this->assertSame($keys, array_unique($keys), $group);
        }
    }

    public function test_what_is_chosen_for_each_part_names_it(): void
    {
        $labels = array_map(static fn (PolicySetting $setting): string => $setting->label, PolicyForm::groups()['cracks']);
        foreach (EnginePart::cases() as $part) {
            $this->assertContains(ucfirst($part->value).': crack check', $labels);
            $this->assertContains(ucfirst($part->value).': a second method before it is scrap', $labels);
        }
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function wrong(): iterable
    {
        yield 'inches' => [['bore_in' => ['most_hone' => 'much']], 'bore_in.most_hone', 'Write inches like .0040.'];
        yield 'millimetres' => [['parts_mm' => ['light_cut' => '.0.1']], 'parts_mm.light_cut', 'Write millimetres like 0.05.'];
        yield 'a whole number' => [['check_back' => ['readings' => 'ten']], 'check_back.readings', 'Write a whole number.'];
        yield 'out of range' => [['most_off_a_rod' => '900'], 'most_off_a_rod', 'Write a number from 1 to 500.'];
        yield 'no choice' => [['preference' => 'luck'], 'preference', 'Choose one of these.'];
        yield 'no number' => [['expansion' => ['steel' => 'little']], 'expansion.steel', 'Write a number like 11.0.'];
    }

    /** @param  array<string, mixed>  $typed */
    #[DataProvider('wrong')]
    public function test_what_cannot_be_kept_is_answered_with_how_it_is_written(array $typed, string $field, string $says): void
    {
        $this->actingAs($this->person(Role::Owner));
        $this->post('/shop', $typed)->assertSessionHasErrors([$field => $says]);
    }

    public function test_every_key_of_a_sheet_says_what_it_does(): void
    {
        foreach ([SheetKeys::ofBores(), SheetKeys::ofParts()] as $keys) {
            $this->assertSame($keys, array_unique($keys));
            foreach ($keys as $key => $does) {
                $this->assertSame(1, strlen((string) $key));
                $this->assertDoesNotMatchRegularExpression(self::NAME_OF_A_LINE, $does);
            }
        }
        $this->assertSame('undo your last reading', SheetKeys::ofBores()['u']);
    }
}
