<?php

declare(strict_types=1);

namespace App\Practice;

use App\Ledger\Refused;
use App\Storage\SpecBook;
use App\Words\Line;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use NorthLedger\Core\Simulation\BlockDifficulty;

/** What has to be sent for `BlockController::start`. */
final class StartBlockRequest extends FormRequest
{
    private const MOST_SEED = 9_999_999;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'family' => ['required', 'string', 'max:60'],
            'difficulty' => ['required', Rule::enum(BlockDifficulty::class)],
            'seed' => ['nullable', 'integer', 'between:0,'.self::MOST_SEED],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['seed' => Line::of('practice.block.no_seed')];
    }

    public function family(): string
    {
        $family = $this->string('family')->toString();

        return app(SpecBook::class)->has($family) ? $family : throw Refused::because('family', Line::of('practice.block.no_family'));
    }

    public function difficulty(): BlockDifficulty
    {
        return BlockDifficulty::from($this->string('difficulty')->toString());
    }

    /** By chance where nobody gave one. */
    public function seed(): int
    {
        return $this->filled('seed') ? $this->integer('seed') : random_int(0, self::MOST_SEED);
    }
}
