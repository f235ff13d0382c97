<header class="bar">
    <strong>{{ __('practice.engine.here') }}</strong>
    @isset($file)
    <a href="{{ \App\WholeEngines\PracticeHouse::shopUrl('/practice/engines/'.$file->job->serial) }}">
        {{ __('practice.engine.back') }}
    </a>
    @endisset
    <button type="button" data-light>Light</button>
    <span>{{ auth()->user()->name }}</span>
</header>
