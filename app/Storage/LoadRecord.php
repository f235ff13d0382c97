<?php

declare(strict_types=1);

namespace App\Storage;

use NorthLedger\Core\Work\LeftWork;
use NorthLedger\Core\Work\OperationKind;

/** What of a job is left to load the machines with, as it is kept in the job's row. */
final readonly class LoadRecord
{
    /**
     * @param  list<LeftWork>  $left
     * @param  array<string, array{since: ?string, seconds: int}>  $clocks  Of what was begun, by kind; since when it runs, ISO 8601
     * @param  list<array{item: string, by: ?string, ordered: ?string}>  $parts  Not there yet; promised for, and ordered on, days
     * @param  ?string  $answerBy  The day by which the customer was asked to answer
     * @param  bool  $isProvisional  Nobody agreed to it yet: it is what was recommended to the customer
     * @param  array<string, int>  $sizes  In nanometres, by what decides whether a part goes onto a machine
     */
    public function __construct(
        public array $left,
        public array $clocks,
        public array $parts,
        public ?string $answerBy,
        public bool $isProvisional,
        public array $sizes,
    ) {
    }

    /** @return ?string Null where nothing is left */
    public function written(): ?string
    {
        return $this->left === []
            ? null
            : json_encode(
                [
                    'left' => array_map(
                        static fn (LeftWork $one): array => [
                            'kind' => $one->kind->value,
                            'places' => $one->places,
                            'held' => $one->held,
                            'after' => array_column($one->after, 'value'),
                            'asked' => $one->isAsked,
                        ],
                        $this->left,
                    ),
                    'clocks' => $this->clocks,
                    'parts' => $this->parts,
                    'answer_by' => $this->answerBy,
                    'provisional' => $this->isProvisional,
                    'sizes' => $this->sizes,
                ],
                JSON_THROW_ON_ERROR,
            );
    }

    public static function read(string $json): self
    {
        /**
         * @var array{left: list<array{kind: string, places: list<string>, held: list<string>, after: list<string>, asked: bool}>,
         *     clocks: array<string, array{since: ?string, seconds: int}>, parts: list<array{item: string, by: ?string, ordered: ?string}>,
         *     answer_by: ?string, provisional: bool, sizes: array<string, int>} $said
         */
        $said = json_decode($json, true, 8, JSON_THROW_ON_ERROR);

        return new self(
            array_map(
                static fn (array $one): LeftWork => new LeftWork(
                    OperationKind::from($one['kind']),
                    $one['places'],
                    $one['held'],
                    array_map(OperationKind::from(...), $one['after']),
                    $one['asked'],
                ),
                $said['left'],
            ),
            $said['clocks'],
            $said['parts'],
            $said['answer_by'],
            $said['provisional'],
            $said['sizes'],
        );
    }
}
