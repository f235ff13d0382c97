<?php

declare(strict_types=1);

namespace App\Stages\Plan;

use App\Ledger\Ledger;
use App\Ledger\Refused;
use App\Ledger\Written;
use App\Record\JobFile;
use App\Stages\MakeOrder;
use App\Storage\EntryKind;
use App\Storage\Job;
use App\Storage\OptionRecord;
use App\Storage\PlanChoice;
use App\Storage\ShelfBook;
use App\Storage\User;
use App\Words\Line;
use App\Words\PlanWords;
use Illuminate\Support\Str;
use NorthLedger\Core\Features\Bores\ReboreOption;
use NorthLedger\Core\Planning\ChoiceKind;
use NorthLedger\Core\Planning\Choices\BoreChoices;
use NorthLedger\Core\Planning\Choices\PartsToOrder;
use NorthLedger\Core\Planning\EnginePlan;
use NorthLedger\Core\Planning\PlanObstacle;
use NorthLedger\Core\Quantity\Money;

/** Records which plan was chosen; another than the recommended one asks for a reason (BORE-11, PLAN-3). */
final readonly class ChoosePlan
{
    public function __construct(private Ledger $ledger)
    {
    }

    /**
     * @param  array<string, string>  $parts  Codes of the choices beside the bores; what is not named is as recommended with the rest
     *
     * @throws \Illuminate\Validation\ValidationException If there is no such way, it is forbidden, or a needed reason is missing
     */
    public function handle(Job $job, User $by, string $ulid, string $optionKey, array $parts, ?string $reason): Written
    {
        return $this->ledger->write(
            $job->id,
            $ulid,
            EntryKind::Choice,
            $by,
            static fn (JobFile $file): array => self::write($file, $by, $ulid, [BoreChoices::CODE => $optionKey] + $parts, $reason),
        );
    }

    /**
     * @param  array<string, string>  $picked  By part, the bores among them
     * @param  ?Money  $offered  The price that the customer was told; null: the one it has now
     * @return array<string, mixed> What the entry says
     */
    public static function write(JobFile $file, User $by, string $ulid, array $picked, ?string $reason, ?Money $offered = null): array
    {
        if (! $file->job->isWorked()) {
            throw Refused::because('option', Line::of('verify.nothing_planned'));
        }
        $option = self::option($file, $picked[BoreChoices::CODE] ?? '');
        $plan = $file->plan()->with($picked) ?? throw Refused::because('option', self::nothingAllowed($file));
        $recommended = $file->plan()->recommended()?->codes() ?? [];
        if ($plan->codes() !== $recommended && trim((string) $reason) === '') {
            throw Refused::because('reason', Line::of('plan.told.not_recommended_way_say'));
        }
        $row =
            [
                'option_key' => $option?->key() ?? '',
                'option' => $option === null ? null : OptionRecord::write($option),
                'recommended_key' => $recommended[BoreChoices::CODE] ?? '',
                'reason' => $reason,
                'policy_revision' => $file->policy->revision,
            ] + self::ofTheEngine($plan, $recommended, $offered ?? $plan->cost);
        $choice = PlanChoice::query()->create(
            $row + ['ulid' => $ulid, 'job_id' => $file->job->id, 'user_id' => $by->id, 'created_at' => now()],
        );
        ShelfBook::reserve($file->job, self::fromTheShelf($file, $plan));
        $order = MakeOrder::write($file, $choice, $option, $by, (string) Str::ulid());

        return $row + ['order' => $order?->number];
    }

    /**
     * @param  array<string, string>  $recommended
     * @return array<string, mixed>
     */
    private static function ofTheEngine(EnginePlan $plan, array $recommended, Money $price): array
    {
        return [
            'parts' => $plan->codes(),
            'recommended_parts' => $recommended,
            'cost_minor' => $price->minor,
            'lead_days' => $plan->leadDays,
        ];
    }

    /** @return array<string, int> How many of each part that lies there, by its key */
    private static function fromTheShelf(JobFile $file, EnginePlan $plan): array
    {
        $parts = PartsToOrder::of($file->plan()->choices(), $plan, $file->policy->prices, $file->sheet->family, ShelfBook::of($file->job));

        $reserved = [];
        foreach ($parts as $part) {
            if ($part->isOnTheShelf) {
                $reserved[$part->key()] = $part->count;
            }
        }

        return $reserved;
    }

    /** @return ?ReboreOption Null where the engine has no bores to choose for */
    private static function option(JobFile $file, string $key): ?ReboreOption
    {
        if ($key === '') {
            return $file->plan()->isWithoutBores() ? null : throw Refused::because('option', Line::of('plan.told.choose_one_ways'));
        }
        if ($key === ChoiceKind::StayWithPits->value) {
            throw Refused::because('option', Line::of('plan.pits.customer_alone'));
        }
        $option =
            $file->assessment()->plan?->option($key) ??
            throw Refused::because(
                'option',
                Line::of('plan.told.way_not_plan_any'),
            );

        return $option->isFeasible()
            ? $option
            : throw Refused::because(
                'option',
                Line::of('plan.refused.forbidden', ['why' => implode('; ', $file->optionWords()->forbidden($option))]),
            );
    }

    /** Why no plan holds what was picked. */
    private static function nothingAllowed(JobFile $file): string
    {
        $words = new PlanWords($file->display, $file->sheet);
        $without = array_map($words->part(...), $file->plan()->choices()->withoutAChoice());
        $obstacles = array_keys($file->plan()->choices()->all()?->forbidden() ?? []);

        return $without === []
            ? Line::of('plan.refused.no_plan', [
                'why' => implode(
                    ' ',
                    array_map(static fn (string $obstacle): string => $words->obstacle(PlanObstacle::from($obstacle)), $obstacles),
                ),
            ])
            : Line::of('plan.refused.nothing_for', ['parts' => lcfirst(implode(', ', $without))]);
    }
}
