{{-- The crankshafts that came, each judged; which one is used. --}}
@if($crankshafts !== [])
<section class="crankshafts" aria-labelledby="crankshafts-title">
    <h2 id="crankshafts-title">{{ __('crankshafts.heading') }}</h2>
    @error('use')<p class="error" role="alert">{{ $message }}</p>@enderror
    <ul>
        @foreach($crankshafts as $one)
        <li class="crankshaft {{ $one->isUsed ? 'used' : '' }}">
            <div class="flex flex-wrap items-center gap-3">
                <b>{{ $one->name }}</b>
                <span class="stamp small {{ $one->stamp->kind }}"><b
                        aria-hidden="true">{{ $one->stamp->sign() }}</b>{{ $one->stamp->headline }}</span>
                @if($one->isUsed)
                    <span class="soft">{{ __('crankshafts.used') }}</span>
                @elseif($mayExchange)
                    <form method="post" action="/jobs/{{ $file->job->tag() }}/crankshafts">@csrf <x-ulid />
                        <button class="button plain" name="use" value="{{ $one->letter }}">
                            {{ __('crankshafts.take_up', ['letter' => $one->letter]) }}
                        </button>
                    </form>
                @endif
            </div>
            @foreach($one->sentences as $sentence)<p>{{ $sentence }}</p>@endforeach
            @if($one->left !== '')<p class="soft">{{ $one->left }}</p>@endif
        </li>
        @endforeach
    </ul>
</section>
@endif
@if($mayExchange)
<details class="mt-6" @if($errors->has('mark') || ($crankshafts === [] && $errors->has('use'))) open @endif>
    <summary>{{ __('crankshafts.title') }}</summary>
    @if($crankshafts === [])<x-field-error name="use" />@endif
    <p class="soft">{{ __('crankshafts.note') }}</p>
    <form method="post" action="/jobs/{{ $file->job->tag() }}/crankshafts" class="fields">@csrf <x-ulid />
        <div class="field">
            <label for="crankshaft-mark">{{ __('crankshafts.mark') }}</label>
            <input id="crankshaft-mark" name="mark" value="{{ old('mark') }}" maxlength="60" autocomplete="off">
            <small>{{ __('crankshafts.mark_hint') }}</small>
            <x-field-error name="mark" />
        </div>
        <p><button class="button plain">{{ __('crankshafts.put_on') }}</button></p>
    </form>
</details>
@endif
