<?php

declare(strict_types=1);

namespace App\Providers;

use Illuminate\View\Compilers\BladeCompiler;

/** What is left of a template when it is compiled: what a page would send and nobody would see is taken out once. */
final class TemplatesAsSent
{
    public static function prepare(BladeCompiler $compiler): void
    {
        $compiler->directive('walk', static fn (string $expression): string => "<?php foreach ({$expression}): ?>");
        $compiler->directive('endwalk', static fn (): string => '<?php endforeach; ?>');
        $compiler->prepareStringsForCompilationUsing(self::withoutIndentation(...));
        $compiler->prepareStringsForCompilationUsing(self::withPlainLoops(...));
    }

    /** Half of a sheet would be spaces. One is left, because PHP eats the line's end behind a directive, and two words would be one. */
    private static function withoutIndentation(string $template): string
    {
        return (string) preg_replace('/^[ \t]+/m', ' ', $template);
    }

    /** The framework counts every round of a loop for `$loop`; where a template does not ask for that, it need not. */
    private static function withPlainLoops(string $template): string
    {
        return str_contains($template, '$loop') ? $template : str_replace(['@foreach', '@endforeach'], ['@walk', '@endwalk'], $template);
    }
}
