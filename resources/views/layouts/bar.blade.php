<header class="bar">
    <strong><a href="/">North Ledger</a></strong>
    <a href="/" @if(request()->routeIs('bench')) aria-current="page" @endif>Bench</a>
    @if(auth()->user()->can('receive'))<a href="/jobs/new" @if(request()->routeIs('jobs.new')) aria-current="page" @endif>Receive</a>@endif
    <a href="/load" @if(request()->routeIs('load*')) aria-current="page" @endif>Load</a>
    <a href="/machines" @if(request()->routeIs('machines')) aria-current="page" @endif>Machines</a>
    <a href="/customers" @if(request()->routeIs('customers*')) aria-current="page" @endif>Customers</a>
    <a href="/specs" @if(request()->routeIs('specs*')) aria-current="page" @endif>Spec book</a>
    <a href="/gauges" @if(request()->routeIs('gauges*')) aria-current="page" @endif>Gauges</a>
    <a href="/practice" @if(request()->routeIs('practice*')) aria-current="page" @endif>Practice</a>
    @if(auth()->user()->can('run-shop'))<a href="/shop" @if(request()->routeIs('shop*', 'people')) aria-current="page" @endif>Shop</a>@endif
    <form class="find" action="/find" role="search">
        <input
            name="q" type="search" aria-label="Find a job by tag, serial or customer" placeholder="/ find a job or serial"
            value="{{ $search ?? '' }}" data-find maxlength="60" autocomplete="off">
    </form>
    <button type="button" data-light>Light</button>
    <a href="/own" @if(request()->routeIs('own')) aria-current="page" @endif>{{ auth()->user()->name }}</a>
    <form method="post" action="/logout">@csrf<button>Log out</button></form>
</header>
