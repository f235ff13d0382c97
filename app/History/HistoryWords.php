<?php

declare(strict_types=1);

namespace App\History;

use App\Record\JobFile;
use App\Record\LookCodes;
use App\Storage\ChangeReason;
use App\Storage\DispositionKind;
use App\Storage\EntryKind;
use App\Storage\SheetName;
use App\Words\Labels;
use App\Words\Line;
use App\Words\Messages;
use App\Words\OperationWords;
use App\Words\PlaceName;
use App\Words\SectionName;
use BackedEnum;
use Illuminate\Support\Carbon;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Policy\PriceItem;
use NorthLedger\Core\Engine\Specification\CrackZone;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Engine\Specification\Face;
use NorthLedger\Core\Features\Cracks\CheckMethod;
use NorthLedger\Core\Features\Cracks\Disposition;
use NorthLedger\Core\Features\Cracks\Look;
use NorthLedger\Core\Features\Precheck\Checklist;
use NorthLedger\Core\Features\Precheck\ItemState;
use NorthLedger\Core\Features\Receiving\ClaimKind;
use NorthLedger\Core\Features\Receiving\ClaimMatch;
use NorthLedger\Core\Features\Receiving\CountedState;
use NorthLedger\Core\Features\Receiving\SleevePieceKind;
use NorthLedger\Core\Finding\CustomerAnswer;
use NorthLedger\Core\Finding\PartVerdict;
use NorthLedger\Core\Gauging\GaugingException;
use NorthLedger\Core\Gauging\InstrumentKind;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Verification\PartAnswer;
use NorthLedger\Core\Work\Logs\ClockState;
use NorthLedger\Core\Work\Operation;
use NorthLedger\Core\Work\OperationKey;
use NorthLedger\Core\Work\TickState;
use NorthLedger\Core\Work\WorkException;

/** Says the codes of an entry as people say them; what has no words of its own stands as it was written. */
final readonly class HistoryWords
{
    /** Codes that are said by a line of their own, by what they stand under. */
    private const CODES = ['standing' => 'release.standing', 'cause' => 'release.cause', 'log' => 'history.log', 'by' => 'offer.by'];

    /** Codes of an enum, by what they stand under; of several, the first that has the code. */
    private const ENUMS = [
        'method' => [CheckMethod::class],
        'part' => [EnginePart::class],
        'face' => [Face::class],
        'zone' => [CrackZone::class],
        'look' => [Look::class],
        'instrument' => [InstrumentKind::class],
        'disposition' => [Disposition::class],
        'match' => [ClaimMatch::class],
        'result' => [PartVerdict::class],
        'answer' => [PartAnswer::class, CustomerAnswer::class],
        'kind' => [ClaimKind::class, DispositionKind::class, SleevePieceKind::class],
        'state' => [CountedState::class, TickState::class, ClockState::class, ItemState::class],
    ];

    private Checklist $checklist;

    public function __construct(private JobFile $file)
    {
        $this->checklist = Checklist::of($file->sheet);
    }

    /**
     * @param  array<string, mixed>  $payload
     * @return array<string, mixed> The same with words in the place of codes
     */
    public function said(string $kind, array $payload): array
    {
        if (is_string($payload['sheet'] ?? null)) {
            $payload['typed'] = self::look($payload['place'] ?? null, $payload['look'] ?? null) ?? ($payload['typed'] ?? '');
            $payload['place'] = $this->place($payload['place'] ?? null);
            $sheet = SheetName::tryFrom($payload['sheet']);
            $payload['sheet'] = $sheet === null ? $payload['sheet'] : SectionName::ofSheet($sheet);
            unset($payload['look']);
        }
        foreach (self::ENUMS as $key => $enums) {
            $payload[$key] = self::named($payload[$key] ?? null, $enums);
        }
        foreach (self::CODES as $key => $group) {
            $payload[$key] = self::code($payload[$key] ?? null, $group);
        }
        $payload['reason'] = self::reason($payload['reason'] ?? null);
        $payload['operation'] = $this->operation($payload['operation'] ?? null);
        $payload['subject'] = $this->subject($kind, (string) ($payload['subject'] ?? ''));
        $payload['option_key'] = $this->way((string) ($payload['option_key'] ?? ''));
        if (is_array($payload['pieces'] ?? null)) {
            $pieces = implode(Line::of('history.sleeve.over'), array_map(
                static fn (mixed $kind): string => (string) self::named($kind, [SleevePieceKind::class]),
                array_column($payload['pieces'], 'kind'),
            ));
            $payload['kind'] = $pieces === '' ? Line::of('history.sleeve.none') : $pieces;
        }

        return $this->offer($payload);
    }

    /**
     * @param  array<string, mixed>  $payload
     * @return array<string, mixed>
     */
    private function offer(array $payload): array
    {
        if (is_array($payload['ways'] ?? null)) {
            $payload['words'] = Line::counted('history.ways', count($payload['ways']), [
                'date' => Carbon::parse((string) ($payload['wanted_by'] ?? ''))->format('j M Y'),
            ]);
        }
        if (is_string($payload['way'] ?? null) && isset($payload['name'])) {
            $payload['words'] = Line::of('history.by', [
                'way' => Line::ifThereIs("offer.way.{$payload['way']}") ?? Line::of('history.none'),
                'name' => (string) $payload['name'],
            ]);
            $payload['option_key'] = '';
        }

        return $payload;
    }

    private static function code(mixed $code, string $group): mixed
    {
        return is_string($code) && $code !== '' ? Line::ifThereIs("{$group}.{$code}") ?? str_replace('_', ' ', $code) : $code;
    }

    /**
     * @param  list<class-string<BackedEnum>>  $enums
     * @return mixed What is no code of them stands as it was written
     */
    private static function named(mixed $code, array $enums): mixed
    {
        foreach (is_string($code) ? $enums : [] as $enum) {
            $named = $enum::tryFrom($code);
            if ($named !== null) {
                return Labels::code($named);
            }
        }

        return $code;
    }

    private static function look(mixed $place, mixed $look): ?string
    {
        try {
            return is_string($place) && is_string($look) && $look !== ''
                ? LookCodes::shown(Place::parse($place)->feature, $look)
                : null;
        } catch (GaugingException) {
            return $look;
        }
    }

    /** Somebody's own words stand as they are. */
    private static function reason(mixed $kept): mixed
    {
        $reason = is_string($kept) ? ChangeReason::read($kept) : null;

        return $reason === null ? $kept : Line::ofCode('sheet.reason', $reason);
    }

    private function place(mixed $key): string
    {
        try {
            return is_string($key) && $key !== '' ? PlaceName::of(Place::parse($key)) : '';
        } catch (GaugingException) {
            return (string) $key;
        }
    }

    private function operation(mixed $key): string
    {
        try {
            $parsed = is_string($key) && $key !== '' ? OperationKey::parse($key) : null;

            return $parsed === null ? '' : OperationWords::name(new Operation($parsed->kind, $parsed->place));
        } catch (WorkException) {
            return (string) $key;
        }
    }

    /** Runs and indications are named by numbers that say nothing to a reader. */
    private function subject(string $kind, string $subject): string
    {
        $subject = trim((string) preg_replace('/(?:^|\.)[0-9A-Z]{26}$/D', '', $subject), '.');

        return match ($kind) {
            EntryKind::CheckItem->value => $this->checkItem($subject),
            EntryKind::PlaceLookedAt->value => '',
            EntryKind::SleeveSurvey->value => Line::of('history.sleeve.cylinder', ['number' => str_replace('bore.', '', $subject)]),
            EntryKind::WorkLog->value, EntryKind::WorkTime->value => $this->operation($subject),
            EntryKind::PartOrder->value => $this->part($subject),
            default => str_replace('-', ' ', $subject),
        };
    }

    private function checkItem(string $key): string
    {
        $item = $this->checklist->item($key);

        return $item === null ? $key : Messages::text($item->title);
    }

    /** A part that is ordered, with the size that it is ordered in: `piston 508000`. */
    private function part(string $key): string
    {
        [$item, $step] = explode(' ', $key, 2) + [1 => ''];
        $name = PriceItem::tryFrom($item) === null ? null : Line::ifThereIs("price.part.{$item}") ?? Line::ifThereIs("price.item.{$item}");

        return match (true) {
            $name === null => $key,
            ctype_digit($step) && $step !== '0' => "{$name}, {$this->step($step)}",
            default => $name,
        };
    }

    private function way(string $key): string
    {
        [$way, $step] = explode(' ', $key, 2) + [1 => ''];
        $line = "history.way.{$way}";

        return $way === '' || Line::ifThereIs($line) === null ? $key : Line::of($line, ['step' => $this->step($step)]);
    }

    private function step(string $nanometres): string
    {
        return ctype_digit($nanometres) ? $this->file->display->step(Length::ofNanometres((int) $nanometres)) : '';
    }
}
