<?php

declare(strict_types=1);

namespace App\Practice;

use App\Storage\PracticeAnswer;
use App\Storage\User;
use App\Words\Line;
use Illuminate\Support\Facades\DB;
use NorthLedger\Core\Practice\QuestionKind;
use NorthLedger\Core\Practice\ReadingVerdict;
use NorthLedger\Core\Practice\ReadInstrument;

/** How somebody stands at each topic, and what the whole shop gets wrong. */
final class Progress
{
    private const SHOWN = 10;

    private const MOST_MISTAKES = 8;

    /** @return list<array{name: string, address: string, marks: list<bool>, right: int, all: int, level: string}> */
    public static function of(User $person): array
    {
        $counts = self::counts($person);
        $topics = [];
        foreach (ReadInstrument::cases() as $instrument) {
            $topics[] = self::topic(
                $person,
                $counts,
                $instrument->value,
                PracticeWords::instrument($instrument),
                '/practice/read/'.str_replace(' ', '-', $instrument->value),
            );
        }
        $topics[] = self::topic($person, $counts, SettingController::TOPIC, Line::of('practice.setting.title'), '/practice/setting');
        $topics[] = self::topic($person, $counts, RockingController::TOPIC, Line::of('practice.rocking'), '/practice/rocking');
        foreach (QuestionKind::cases() as $kind) {
            $topics[] = self::topic(
                $person,
                $counts,
                MethodController::topic($kind),
                Line::ofCode('practice.question', $kind),
                MethodController::address($kind),
            );
        }

        return $topics;
    }

    /** @return list<\stdClass> Name, how many answers, how many right, and when last; who practised last, first */
    public static function ofEverybody(): array
    {
        return array_values(
            DB::select(
                'SELECT users.name, COUNT(*) AS answers, SUM(verdict = ?) AS rights, MAX(practice_answers.created_at) AS last FROM '.
                    'practice_answers JOIN users ON users.id = user_id GROUP BY users.id, users.name ORDER BY last DESC LIMIT 200',
                [ReadingVerdict::Right->value],
            ),
        );
    }

    /** @return list<array{topic: string, mistake: string, times: int}> The most frequent first */
    public static function mistakes(): array
    {
        $rows = DB::select(
            'SELECT topic, verdict, COUNT(*) AS times FROM practice_answers WHERE verdict <> ? GROUP BY topic, verdict '.
                'ORDER BY times DESC, topic LIMIT '.
                self::MOST_MISTAKES,
            [ReadingVerdict::Right->value],
        );

        return array_values(
            array_map(
                static fn (\stdClass $row): array => [
                    'topic' => self::name($row->topic),
                    'mistake' => Line::ofCode('practice.short', ReadingVerdict::from($row->verdict)),
                    'times' => (int) $row->times,
                ],
                $rows,
            ),
        );
    }

    private static function name(string $topic): string
    {
        $instrument = ReadInstrument::tryFrom($topic);

        return match (true) {
            $instrument !== null => PracticeWords::instrument($instrument),
            $topic === RockingController::TOPIC => Line::of('practice.rocking'),
            $topic === SettingController::TOPIC => Line::of('practice.setting.title'),
            default => Line::ofCode('practice.question', QuestionKind::from(substr($topic, strlen('method ')))),
        };
    }

    /** @return array<string, array{right: int, all: int}> By topic */
    private static function counts(User $person): array
    {
        $counts = [];
        $rows = DB::select(
            'SELECT topic, COUNT(*) AS answers, SUM(verdict = ?) AS rights FROM practice_answers WHERE user_id = ? GROUP BY topic',
            [ReadingVerdict::Right->value, $person->id],
        );
        foreach ($rows as $row) {
            $counts[$row->topic] = ['right' => (int) $row->rights, 'all' => (int) $row->answers];
        }

        return $counts;
    }

    /**
     * @param  array<string, array{right: int, all: int}>  $counts
     * @return array{name: string, address: string, marks: list<bool>, right: int, all: int, level: string}
     */
    private static function topic(User $person, array $counts, string $topic, string $name, string $address): array
    {
        $count = $counts[$topic] ?? ['right' => 0, 'all' => 0];
        $marks = [];
        $level = '';
        if ($count['all'] > 0) {
            $last = PracticeAnswer::query()->where('user_id', $person->id)->where('topic', $topic)->latest('id')->limit(self::SHOWN)->get();
            $marks = array_values($last->reverse()->map(static fn (PracticeAnswer $one): bool => $one->isRight())->all());
            // Help and clock go with instruments; a question has neither.
            $isInstrument = ReadInstrument::tryFrom($topic) !== null;
            $level = $isInstrument ? Line::ofCode('practice.level', PracticeAnswer::repetition($person, $topic)->level()) : '';
        }

        return ['name' => $name, 'address' => $address, 'marks' => $marks, 'level' => $level] + $count;
    }
}
