<?php

declare(strict_types=1);

namespace App\Words;

use NorthLedger\Core\Assessment\MissingLimits;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Specification\SourceKind;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Bores\JudgedBore;
use NorthLedger\Core\Finding\Amount;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Limits;
use NorthLedger\Core\Finding\Outcome;
use NorthLedger\Core\Finding\Settling;
use NorthLedger\Core\Gauging\Instrument;
use NorthLedger\Core\Gauging\Measurand;
use NorthLedger\Core\Gauging\Uncertainty;
use NorthLedger\Core\Quantity\LengthDisplay;

/** Says a finding in one plain sentence (VER-3); it computes nothing. */
final readonly class FindingWords
{
    private const MOST_GAUGES = 2;

    private AmountDisplay $amounts;

    /**
     * @param  array<string, Instrument>  $gauges  Of the shop, that read bores, by what they are called
     * @param  ?SpecificationSheet  $sheet  That findings are judged by: a limit that is not the book's is called so
     */
    public function __construct(private LengthDisplay $display, private array $gauges = [], private ?SpecificationSheet $sheet = null)
    {
        $this->amounts = new AmountDisplay($display);
    }

    public function sentence(Finding $finding): string
    {
        $said = rtrim(LookWord::beside($finding->said), '.');
        $isLook = $finding->criterion->isLookAtWall();
        $line = match (true) {
            $finding->value !== null && $finding->limits !== null && $finding->margin !== null => 'measured',
            $finding->needsSize => 'needs_size',
            $finding->value !== null && $finding->limits?->areKnown() === false => 'no_limit',
            $finding->outcome === Outcome::Missing => $isLook && $said !== '' ? 'look_missing' : 'missing',
            $finding->outcome === Outcome::Concession => 'conceded',
            $finding->outcome === Outcome::Fail && $isLook => 'look_fails',
            default => 'said',
        };
        $sentence = Line::of("findings.sentence.{$line}", [
            'criterion' => ucfirst(Labels::criterion($finding->criterion)),
            'said' => $said,
            ...($line === 'measured' ? $this->measured($finding) : []),
            ...($line === 'no_limit' && $finding->value !== null ? $this->valued($finding, $finding->value) : []),
        ]);

        return in_array($line, ['measured', 'missing', 'no_limit'], true) && $said !== ''
            ? $sentence.Line::of('findings.sentence.and_said', ['said' => $said])
            : $sentence;
    }

    /** What a new piston would make of a clearance that fails with the piston it has (BORE-6a); nothing of any other finding. */
    public function withNewPiston(Finding $finding, JudgedBore $bore): string
    {
        $fit = $bore->newPiston;
        $clearance = $finding->criterion === Criterion::LeastClearance ? $fit?->least : $fit?->clearance;
        if (
            ! $finding->criterion->isOfPiston() ||
            $finding->outcome !== Outcome::Fail ||
            count($finding->readings) !== 2 ||
            $fit === null ||
            $clearance === null
        ) {
            return '';
        }

        $line = match ($fit->outcome) {
            Outcome::Fail => 'fail',
            Outcome::Pass => 'pass',
            Outcome::NoLimit => 'no_limit',
            default => 'open',
        };

        return Line::of("findings.new_piston.{$line}", ['clearance' => $this->display->deviation($clearance)]);
    }

    /**
     * “main 1, front, 0°; main 1, front, 90° and 12 more”
     *
     * @param  list<Place>  $places
     */
    public function places(array $places, int $most = 3): string
    {
        $words = array_map(static fn (Place $place): string => lcfirst(PlaceName::of($place)), array_slice($places, 0, $most));
        $more = count($places) - count($words);

        $said = implode('; ', $words);

        return $more > 0 ? Line::of('findings.places', ['places' => $said, 'more' => $more]) : $said;
    }

    /** @return array<string, string> What stands for the placeholders of a measured finding; none where nothing was measured */
    private function measured(Finding $finding): array
    {
        [$value, $limits, $margin] = [$finding->value, $finding->limits, $finding->margin];
        if ($value === null || $limits === null || $margin === null) {
            return [];
        }
        $isWithNewPiston = $finding->criterion === Criterion::Clearance && count($finding->readings) === 1;

        return [
            ...$this->valued($finding, $value),
            'piston' => $isWithNewPiston ? Line::of('findings.sentence.even_with_a_new_piston') : '',
            'limits' => $this->amounts->limits($limits).$this->whose($finding),
            'margin' => $this->against($finding, $value, $limits, $margin),
            'close' => $this->close($finding, $margin),
        ];
    }

    /** @return array{value: string, doubt: string} */
    private function valued(Finding $finding, Amount $value): array
    {
        return [
            'value' => $this->amounts->withUnit($value),
            'doubt' =>
                $finding->uncertainty === null
                    ? ''
                    : Line::of('findings.sentence.doubt', ['doubt' => $this->doubt($value, $finding->uncertainty)]),
        ];
    }

    private function against(Finding $finding, Amount $value, Limits $limits, Amount $margin): string
    {
        $amount = $this->amounts->difference($margin);
        $isBelow = $limits->least !== null && $value->value < $limits->least->value;
        $line = match (true) {
            $margin->isNegative() && (float) $amount === 0.0 => 'below_the_display',
            $margin->isNegative() => $isBelow ? 'under' : 'over',
            $finding->outcome === Outcome::Missing => 'inside_so_far',
            $margin->value == 0 => 'on_the_limit',
            default => 'inside',
        };

        return Line::of("findings.margin.{$line}", ['amount' => $amount]);
    }

    /** “, a house limit”: whose a limit is that is not the book's. */
    private function whose(Finding $finding): string
    {
        $pointer = $this->sheet === null ? null : MissingLimits::pointer($finding);
        $kind = $pointer === null ? null : $this->sheet?->sourceOf($pointer)?->kind;

        return $kind === SourceKind::House || $kind === SourceKind::Agreed ? Line::ofCode('findings.whose', $kind) : '';
    }

    private function doubt(Amount $value, Uncertainty $uncertainty): string
    {
        return $this->amounts->text(
            Amount::of($value->measurand === Measurand::Mass ? Measurand::Mass : Measurand::Distance, $uncertainty->expanded()->nanometres),
        );
    }

    private function close(Finding $finding, Amount $margin): string
    {
        $isUndecided = $finding->outcome === Outcome::Undecided;

        return match (true) {
            ! $isUndecided && ! $finding->isCloseCall => '',
            $finding->readings !== [] => $this->settling(Settling::of($finding, $this->gauges)),
            $isUndecided => Line::of('findings.close.undecided'),
            ! $margin->isNegative() => Line::of('findings.close.passes'),
            default => '',
        };
    }

    private function settling(Settling $settling): string
    {
        $ways = [];
        if ($settling->gauges !== []) {
            $gauges = implode(Line::of('findings.close.or'), array_slice($settling->gauges, 0, self::MOST_GAUGES));
            $ways[] = Line::of('findings.close.gauge', ['gauges' => $gauges]);
        }
        if ($settling->temperatures) {
            $ways[] = Line::of('findings.close.temperatures');
        }
        if ($settling->scatter !== null) {
            $ways[] = Line::of('findings.close.repeats', [
                'repeats' => Settling::REPEATS,
                'scatter' => $this->display->fine($settling->scatter),
            ]);
        }

        return $ways === []
            ? Line::of('findings.close.nothing_settles')
            : Line::of('findings.close.settles', ['ways' => implode(Line::of('findings.close.comma_or'), $ways)]);
    }
}
