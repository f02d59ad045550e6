using System.Collections.Concurrent;
using LooseGraft.Browser.Tests;
using OpenQA.Selenium;
using OpenQA.Selenium.Chrome;

[assembly: AssemblyFixture(typeof(Browsers))]

namespace LooseGraft.Browser.Tests;

/// <summary>Browsers that were started once and go from test to test, each time with a new tab that remembers nothing.</summary>
public sealed class Browsers : IDisposable
{
    private static readonly string[] Switches =
    [
        "--headless=new", "--no-sandbox", "--disable-gpu", "--disable-quic", "--no-first-run", "--disable-background-networking",
        "--disable-component-update", "--disable-sync", "--hide-scrollbars", "--force-device-scale-factor=1",
    ];

    private static readonly ConcurrentBag<Browser> Free = [];

    /// <summary>A browser that nobody else has.</summary>
    public static Browser Take() => Free.TryTake(out var browser) ? browser : new Browser();

    public void Dispose()
    {
        foreach (var browser in Free) browser.Quit();
    }

    /// <summary>One browser with its driver and its profile.</summary>
    public sealed class Browser
    {
        private readonly DirectoryInfo _profile = Directory.CreateTempSubdirectory("loose-graft-profile-");

        public Browser()
        {
            var options = new ChromeOptions { BinaryLocation = "/usr/bin/chromium" };
            options.AddArguments([.. Switches, $"--user-data-dir={_profile.FullName}"]);
            options.SetLoggingPreference(LogType.Browser, LogLevel.All);
            var service = ChromeDriverService.CreateDefaultService("/usr/bin", "chromedriver");
            service.SuppressInitialDiagnosticInformation = true;
            Driver = new ChromeDriver(service, options, Eyes.Longest);
        }

        public ChromeDriver Driver { get; }

        /// <summary>Forgets what was seen and kept, and gives the browser to the next test; one that cannot is ended.</summary>
        public void Release(Uri address)
        {
            try
            {
                Driver.ExecuteCdpCommand("Network.clearBrowserCookies", []);
                Driver.ExecuteCdpCommand("Storage.clearDataForOrigin", new() { ["origin"] = address.GetLeftPart(UriPartial.Authority), ["storageTypes"] = "all" });
                var used = Driver.WindowHandles;
                var next = Driver.SwitchTo().NewWindow(WindowType.Tab).CurrentWindowHandle;
                foreach (var window in used) Driver.SwitchTo().Window(window).Close();
                Driver.SwitchTo().Window(next).Manage().Logs.GetLog(LogType.Browser);
                Free.Add(this);
            }
            catch (WebDriverException)
            {
                Quit();
            }
        }

        public void Quit()
        {
            Driver.Quit();
            Driver.Dispose();
            _profile.Delete(recursive: true);
        }
    }
}
