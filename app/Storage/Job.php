<?php

declare(strict_types=1);

namespace App\Storage;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Facades\DB;
use NorthLedger\Core\Features\Receiving\Arrival;
use NorthLedger\Core\Features\Receiving\Purpose;
use NorthLedger\Core\Features\Receiving\Usage;
use NorthLedger\Core\Quantity\Length;

/**
 * An engine on the bench. Stage, verdict, headline and waits_for are what lists show; they are written in one
 * transaction with the entries they follow from.
 *
 * @property int $id
 * @property string $family
 * @property int $family_revision
 * @property bool $has_own_values
 * @property string $serial
 * @property int $customer_id
 * @property \NorthLedger\Core\Features\Receiving\Arrival $arrival
 * @property string $castings
 * @property string $description
 * @property ?string $wishes
 * @property ?\NorthLedger\Core\Features\Receiving\Usage $usage
 * @property ?int $budget_minor
 * @property bool $keeps_original
 * @property Purpose $purpose
 * @property \Illuminate\Support\Carbon $due_on
 * @property ?int $declared_step_nm
 * @property ?string $declared_evidence
 * @property Stage $stage
 * @property ?string $early_done  Codes of the early stages that lack nothing, derived
 * @property string $verdict
 * @property string $engine_verdict
 * @property ?string $part_standings
 * @property ?string $plan_stops
 * @property ?Agreement $agreement  How the plan stands that was agreed, derived; null where it has to be asked
 * @property ?string $machine_queue  What stands at each machine, derived
 * @property ?string $load_work  What is left to load the machines with, derived
 * @property ?string $times_taken  What finished work took, derived
 * @property ?\Illuminate\Support\Carbon $answer_due_on
 * @property string $headline
 * @property string $waits_for
 * @property ?\Illuminate\Support\Carbon $timer_due_at
 * @property string $timer_words
 * @property bool $is_held
 * @property bool $is_closed
 * @property int $policy_revision
 * @property int $entries
 * @property string $head_hash
 * @property Customer $customer
 */
final class Job extends Model
{
    use BootsPlainly;

    public const UPDATED_AT = null;

    /** One job with the number of the policy in force, under which it is judged. */
    public const WITH_POLICY = 'SELECT jobs.*, (SELECT MAX(number) FROM policy_revisions) AS policy_in_force FROM jobs WHERE id = ?';

    // Said, so that no request works out the plural of its name.
    protected $table = 'jobs';

    protected $guarded = [];

    protected $dateFormat = 'Y-m-d H:i:s.v';

    /** @var array<string, mixed> */
    protected $attributes = [
        'arrival' => 'complete',
        'purpose' => 'rebuild',
        'castings' => '',
        'keeps_original' => false,
        'timer_words' => '',
        'is_held' => false,
    ];

    /** “NL-0417” */
    public function tag(): string
    {
        return self::tagOf((int) $this->attributes['id']);
    }

    public static function tagOf(int $number): string
    {
        return sprintf('NL-%04d', $number);
    }

    public function getRouteKey(): string
    {
        return $this->tag();
    }

    /**
     * A page about a job is judged under the policy in force, so that its number comes along with the job.
     *
     * @param  mixed  $value
     * @param  ?string  $field
     */
    public function resolveRouteBinding($value, $field = null): ?self
    {
        $number = self::numberOf((string) $value);
        $row =
            $number === null
                ? null
                : DB::selectOne(self::WITH_POLICY, [$number]);

        return $row === null ? null : (new self())->newFromBuilder((array) $row);
    }

    /** Null where it did not come along. */
    public function policyInForce(): ?int
    {
        return array_key_exists('policy_in_force', $this->attributes) ? (int) $this->attributes['policy_in_force'] : null;
    }

    /** The row behind a tag as somebody types it: “NL-0417”, “nl417”, “417”. */
    public static function numberOf(string $tag): ?int
    {
        return preg_match('/^(?:nl)?[\s-]*0*([1-9]\d{0,8})$/i', trim($tag), $match) === 1 ? (int) $match[1] : null;
    }

    /** True where finished work of another shop, or new parts, are accepted or returned. */
    public function isCheck(): bool
    {
        return $this->isFor(Purpose::Check);
    }

    /** True where parts are planned, worked and verified; false where they are only looked at. */
    public function isWorked(): bool
    {
        return $this->isFor(Purpose::Rebuild);
    }

    /** Asked for at every step, so straight from the row. */
    private function isFor(Purpose $purpose): bool
    {
        return $this->attributes['purpose'] === $purpose->value;
    }

    public function declaredStep(): ?Length
    {
        return $this->declared_step_nm === null ? null : Length::ofNanometres($this->declared_step_nm);
    }

    /** @return BelongsTo<Customer, $this> */
    public function customer(): BelongsTo
    {
        return $this->belongsTo(Customer::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'due_on' => 'date:Y-m-d',
            'stage' => Stage::class,
            'is_closed' => 'boolean',
            'has_own_values' => 'boolean',
            'arrival' => Arrival::class,
            'purpose' => Purpose::class,
            'usage' => Usage::class,
            'budget_minor' => 'integer',
            'keeps_original' => 'boolean',
            'timer_due_at' => 'datetime',
            'answer_due_on' => 'date:Y-m-d',
            'is_held' => 'boolean',
            'agreement' => Agreement::class,
            'declared_step_nm' => 'integer',
            'entries' => 'integer',
            'created_at' => 'datetime',
        ];
    }
}
