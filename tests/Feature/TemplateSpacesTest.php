<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Blade;
use Illuminate\Support\Str;
use Tests\TestCase;

/** Templates are indented for who reads them; what is sent is not, and says the same. */
final class TemplateSpacesTest extends TestCase
{
    public function test_words_on_two_lines_stay_two_words_and_indentation_is_not_sent(): void
    {
        $template = <<<'BLADE'
            <b>one</b>@if(true)
                <i>two</i>
            @endif
            three
                @foreach([4, 5] as $number)
                    {{ $number }}
                @endforeach
            BLADE;
        $sent = Blade::render($template);

        $this->assertSame('one two three 4 5', Str::squish(strip_tags($sent)));
        $this->assertStringNotContainsString('   ', $sent);
        $this->assertSame("a \n   b", Blade::render('{{ $said }}', ['said' => "a \n   b"]), 'what somebody said is sent as it is');
    }

    public function test_a_loop_counts_its_rounds_where_a_template_asks_for_it_and_only_there(): void
    {
        $compiled = static fn (string $template): string => Blade::compileString($template);
        $plain = '@foreach([1, 2] as $a)@foreach([3] as $b){{ $a }}{{ $b }} @endforeach @endforeach';
        $this->assertStringNotContainsString('Loop', $compiled($plain));
        $this->assertSame('13 23', Str::squish(Blade::render($plain)));
        $asking = '@foreach([1, 2] as $a){{ $loop->first ? "first" : "then" }} {{ $a }} @endforeach';
        $this->assertStringContainsString('addLoop', $compiled($asking));
        $this->assertSame('first 1 then 2', Str::squish(Blade::render($asking)));
        $this->assertSame('1', Str::squish(Blade::render('@foreach([1, 2] as $a) @if($a === 2) @break @endif {{ $a }} @endforeach')));
    }
}
