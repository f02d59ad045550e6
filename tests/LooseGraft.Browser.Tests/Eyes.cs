using OpenQA.Selenium;
using OpenQA.Selenium.Chrome;
using OpenQA.Selenium.Interactions;
using OpenQA.Selenium.Support.UI;

namespace LooseGraft.Browser.Tests;

/// <summary>A browser window with a builder behind it, who waits to see things rather than for time to pass.</summary>
public sealed class Eyes : IDisposable
{
    // A busy machine takes its time; what never comes is a fault all the same.
    internal static readonly TimeSpan Longest = TimeSpan.FromMinutes(2);

    private readonly Browsers.Browser _browser = Browsers.Take();
    private readonly ChromeDriver _driver;
    private readonly Uri _address;
    private readonly bool _isTouched;

    public Eyes(Uri address, int width = 1280, int height = 800, bool isDark = false, bool hasScript = true, bool isTouched = false)
    {
        _address = address;
        _driver = _browser.Driver;
        _isTouched = isTouched;
        if (isTouched) _driver.ExecuteCdpCommand("Emulation.setTouchEmulationEnabled", new() { ["enabled"] = true });
        // A headless window has no lower bound on its width only when it is told so this way.
        _driver.ExecuteCdpCommand(
            "Emulation.setDeviceMetricsOverride", new() { ["width"] = width, ["height"] = height, ["deviceScaleFactor"] = 1, ["mobile"] = isTouched });
        if (!hasScript) _driver.ExecuteCdpCommand("Emulation.setScriptExecutionDisabled", new() { ["value"] = true });
        if (isDark) Emulate("prefers-color-scheme", "dark");
    }

    public string Path => new Uri(_driver.Url).PathAndQuery;

    public void Open(string path) => _driver.Navigate().GoToUrl(new Uri(_address, path));

    public void Reload() => _driver.Navigate().Refresh();

    public void Emulate(string feature, string value)
        => _driver.ExecuteCdpCommand(
            "Emulation.setEmulatedMedia", new() { ["features"] = new[] { new Dictionary<string, object> { ["name"] = feature, ["value"] = value } } });

    public void GoOffline() => Network(isOffline: true, latencyMs: 0);

    /// <summary>Lets every answer take its time.</summary>
    public void GoSlow(int latencyMs) => Network(isOffline: false, latencyMs);

    private void Network(bool isOffline, int latencyMs)
    {
        _driver.ExecuteCdpCommand("Network.enable", []);
        _driver.ExecuteCdpCommand(
            "Network.emulateNetworkConditions",
            new() { ["offline"] = isOffline, ["latency"] = latencyMs, ["downloadThroughput"] = -1, ["uploadThroughput"] = -1 });
    }

    public void Print() => _driver.ExecuteCdpCommand("Emulation.setEmulatedMedia", new() { ["media"] = "print" });

    public IWebElement See(string selector) => Until(() => _driver.FindElements(By.CssSelector(selector)).FirstOrDefault());

    public void SeeWords(string selector, string words)
        => Until(() => _driver.FindElements(By.CssSelector(selector)).Any(element => element.Text.Contains(words, StringComparison.OrdinalIgnoreCase))
        ? words
        : null);

    public void SeeNoWords(string selector, string words)
        => Until(() => _driver.FindElements(By.CssSelector(selector)).All(element => !element.Text.Contains(words, StringComparison.OrdinalIgnoreCase))
        ? words
        : null);

    /// <summary>Waits until nothing on the page is worked out any more beside it.</summary>
    public void SeeNothingUnderWay() => See("#bench:not(:has([hx-trigger='every 1s']))");

    public string? Value(string selector) => See(selector).GetDomProperty("value");

    public void Click(string selector)
        => Until(() =>
        {
            var element = See(selector);
            // A fixed bar at the foot may lie over what is to be clicked; a user scrolls it into the middle.
            _driver.ExecuteScript("arguments[0].scrollIntoView({block: 'center'})", element);
            if (_isTouched) Tap(element);
            else element.Click();
            return element;
        });

    // What a finger would not hit, because something lies over it or it is too small, is not hit.
    private void Tap(IWebElement element)
    {
        var finger = new PointerInputDevice(PointerKind.Touch);
        _driver.ExecuteScript("window.isTapped = false; addEventListener('click', () => { window.isTapped = true; }, { capture: true, once: true });");
        _driver.PerformActions(
        [
            new ActionSequence(finger)
                .AddAction(finger.CreatePointerMove(element, 0, 0, TimeSpan.Zero))
                .AddAction(finger.CreatePointerDown(MouseButton.Touch)).AddAction(finger.CreatePointerUp(MouseButton.Touch)),
        ]);
        // A tap becomes a click a little later; until then nothing has been asked for. A page that was left remembers nothing of it.
        Until(() => Run<bool>("return window.isTapped !== false"));
    }

    /// <summary>Clicks at a share of an element's width and height.</summary>
    public void ClickIn(string selector, double across, double down)
    {
        var element = See(selector);
        _driver.ExecuteScript("arguments[0].scrollIntoView({block: 'center'})", element);
        var size = element.Size;
        new Actions(_driver).MoveToElement(element, (int)(size.Width * (across - 0.5)), (int)(size.Height * (down - 0.5))).Click().Perform();
    }

    /// <summary>Presses on one thing, moves to another and lets go.</summary>
    public void Drag(string from, string to)
    {
        var (start, end) = (See(from), See(to));
        _driver.ExecuteScript("arguments[0].scrollIntoView({block: 'center'})", start);
        new Actions(_driver).MoveToElement(start).ClickAndHold().MoveByOffset(5, 5).MoveToElement(end).Release().Perform();
    }

    /// <summary>Makes a copy of the main demo, so that no test sees another's changes.</summary>
    /// <returns>Its address.</returns>
    public string CopyOfFerry() => CopyOf("4");

    /// <summary>The same of any graft on the shelf.</summary>
    /// <param name="graft">Its number.</param>
    public string CopyOf(string graft)
    {
        Open("/");
        Click($"button[formaction*='Copy'][value='{graft}']");
        SeeWords("h1", ", a copy");
        return Path;
    }

    /// <summary>Waits until something is so.</summary>
    public void Until(Func<bool> isSo) => Until(() => isSo() ? "so" : null);

    /// <summary>Waits until nothing that was asked for is still on its way.</summary>
    public void Settle() => Until(() => Run<bool>("return document.querySelector('.htmx-request') === null"));

    public void Retype(string selector, string text)
    {
        var field = See(selector);
        field.SendKeys(Keys.Control + "a");
        // To type nothing is to rub out what is there.
        field.SendKeys(text.Length == 0 ? Keys.Backspace : text);
    }

    public void Choose(string selector, string words) => Until(() =>
    {
        See(selector).FindElements(By.TagName("option")).First(option => option.Text == words).Click();
        return words;
    });

    public void Press(string keys) => new Actions(_driver).SendKeys(keys).Perform();

    /// <summary>Presses keys while others are held down.</summary>
    public void PressWith(string held, string keys)
    {
        var hands = held.Aggregate(new Actions(_driver), (actions, key) => actions.KeyDown(key.ToString())).SendKeys(keys);
        held.Aggregate(hands, (actions, key) => actions.KeyUp(key.ToString())).Perform();
    }

    private const int NearStops = 3;

    private const string StopsBetween = """
        const stops = [...document.querySelectorAll("a[href], button, input, select, textarea, summary, [tabindex]")]
          .filter((each) => each.tabIndex >= 0 && !each.disabled && each.type !== "hidden" && each.checkVisibility())
          .filter((each) => each.type !== "radio" || each.checked);
        const at = stops.indexOf(document.activeElement);
        const sought = stops.findIndex((each, index) => index > at && each.matches(arguments[0]));
        return at < 0 || sought < 0 ? 0 : sought - at;
        """;

    /// <summary>Tabs on until the focused element is the one sought.</summary>
    public void TabTo(string selector, bool isBack = false)
    {
        // Most of the way in one go, the rest with a look at every stop.
        if (!isBack && (int)Run<long>(StopsBetween, selector) is > NearStops and var stops)
            Press(string.Concat(Enumerable.Repeat(Keys.Tab, stops - NearStops)));
        for (var step = 0; step < 120; step++)
        {
            if (Run<bool>($"return document.activeElement?.matches({System.Text.Json.JsonSerializer.Serialize(selector)}) ?? false")) return;
            if (isBack) PressWith(Keys.Shift, Keys.Tab);
            else Press(Keys.Tab);
        }

        throw new InvalidOperationException($"{selector} is not reached by Tab.");
    }

    public T Run<T>(string script, params object[] arguments) => (T)_driver.ExecuteScript(script, arguments)!;

    public object? RunAsync(string script) => _driver.ExecuteAsyncScript(script);

    /// <summary>Everything the console complained of since it was last asked. A refused form is an answer, not a fault.</summary>
    public IReadOnlyList<string> Complaints()
        => [.. _driver.Manage().Logs.GetLog(LogType.Browser).Where(entry => entry.Level >= LogLevel.Warning).Select(entry => entry.Message)
            .Where(message => !message.Contains("status of 4", StringComparison.Ordinal))];

    public void Photograph(string file) => _driver.GetScreenshot().SaveAsFile(file);

    public void Dispose() => _browser.Release(_address);

    private T Until<T>(Func<T?> seen)
        where T : class
    {
        var wait = new WebDriverWait(_driver, Longest) { PollingInterval = TimeSpan.FromMilliseconds(50) };
        // What is being looked at may be swapped away between two looks.
        wait.IgnoreExceptionTypes(typeof(StaleElementReferenceException), typeof(ElementClickInterceptedException), typeof(NoSuchElementException));
        try
        {
            return wait.Until(_ => seen())!;
        }
        catch (WebDriverTimeoutException exception)
        {
            throw new InvalidOperationException(
                $"Not seen in time at {Path}. The page says: {Run<string>("return document.body.innerText.slice(0, 2000)")}", exception);
        }
    }
}
