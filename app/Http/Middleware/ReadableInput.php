<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response as Page;
use Symfony\Component\HttpFoundation\ParameterBag;
use Symfony\Component\HttpFoundation\Response;

/**
 * What everything that is sent has to be before anybody looks at it: text in UTF-8 without control signs, numbers that can
 * be kept, lists that are not nested for their own sake. Signs that turn a line around are taken out: they make a serial
 * look like another.
 */
final readonly class ReadableInput
{
    /** No field of ours is a list in a list in a list. */
    private const DEEPEST = 3;

    private const MOST_FIELDS = 20_000;

    /** What our forms send as lists; everything else is one text. */
    private const LISTS = [
        'changes',
        'faces',
        'feed',
        'hours',
        'largest',
        'lines',
        'own',
        'parts',
        'people',
        'piston',
        'price',
        'rows',
        'second_factor_for',
        'units',
        'value',
    ];

    /** Forms that name their fields after what they are about. */
    private const FORMS_OF_LISTS = ['shop', 'specs/lookup'];

    private const CONTROL = '/[\x00-\x08\x0B\x0C\x0E-\x1F\x7F]/';

    private const TURNS_THE_LINE = '/[\x{200E}\x{200F}\x{061C}\x{202A}-\x{202E}\x{2066}-\x{2069}]/u';

    public function handle(Request $request, Closure $next): Response
    {
        foreach ([$request->query, $request->request, ...$request->isJson() ? [$request->json()] : []] as $bag) {
            $refusal = $this->hasOtherLists($request, $bag) ? 'shape' : $this->clean($bag);
            if ($refusal !== null) {
                return $this->refused($request, $refusal);
            }
        }
        $path = rawurldecode($request->getPathInfo());

        return self::isText($path) ? $next($request) : $this->refused($request, 'text');
    }

    /** @param  ParameterBag<mixed>  $bag */
    private function hasOtherLists(Request $request, ParameterBag $bag): bool
    {
        $lists = array_filter($bag->all(), is_array(...));

        return array_diff_key($lists, array_flip(self::LISTS)) !== [] && ! $request->is(...self::FORMS_OF_LISTS);
    }

    /** @param  ParameterBag<mixed>  $bag */
    private function clean(ParameterBag $bag): ?string
    {
        $all = $bag->all();
        $fields = 0;
        $refusal = $this->cleanList($all, 1, $fields);
        if ($refusal === null) {
            $bag->replace($all);
        }

        return $refusal;
    }

    /** @param  array<mixed>  $list */
    private function cleanList(array &$list, int $depth, int &$fields): ?string
    {
        foreach ($list as $name => &$value) {
            $refusal = match (true) {
                ++$fields > self::MOST_FIELDS, $depth > self::DEEPEST => 'shape',
                ! self::isText((string) $name) => 'text',
                is_array($value) => $this->cleanList($value, $depth + 1, $fields),
                is_float($value) && ! (abs($value) < PHP_INT_MAX) => 'number',
                is_string($value) && ! self::isText($value) => 'text',
                default => null,
            };
            if ($refusal !== null) {
                return $refusal;
            }
            if (is_string($value)) {
                $value = (string) preg_replace(self::TURNS_THE_LINE, '', $value);
            }
        }

        return null;
    }

    private static function isText(string $text): bool
    {
        return mb_check_encoding($text, 'UTF-8') && preg_match(self::CONTROL, $text) === 0;
    }

    private function refused(Request $request, string $why): Response
    {
        $text = __("input.{$why}");

        return $request->expectsJson()
            ? new JsonResponse(['message' => $text], Response::HTTP_UNPROCESSABLE_ENTITY)
            : new Page(
                view('errors.page', ['code' => '422', 'title' => __('input.title'), 'text' => $text]),
                Response::HTTP_UNPROCESSABLE_ENTITY,
            );
    }
}
