@echo off
rem Starts Lunko. Builds it first, if that has not been done.
setlocal enabledelayedexpansion
set "home=%~dp0"
set "app=%home%desktop\target\app"
set "built=%home%desktop\target\built"
set "cache=%home%desktop\target\lunko.aot"
set "jdk="

if defined JAVA_HOME call :try "%JAVA_HOME%"
if not defined jdk for /f "delims=" %%j in ('where javac 2^>nul') do if not defined jdk call :try "%%~dpj.."
for %%r in ("%ProgramFiles%\Java" "%ProgramFiles%\Eclipse Adoptium" "%ProgramFiles%\Microsoft" "%ProgramFiles%\Zulu" "%ProgramFiles%\BellSoft" "%USERPROFILE%\.jdks") do (
    if exist %%r for /d %%d in ("%%~r\*") do if not defined jdk call :try "%%~d"
)
if not defined jdk (
    echo Lunko needs a JDK 25 or newer: install one, and set JAVA_HOME to its folder if it is in an unusual place. 1>&2
    exit /b 1
)

if not exist "%built%" (
    where mvn >nul 2>nul || (
        echo Lunko needs Maven to build itself the first time: install Maven 3.8 or newer, so that the command mvn is found. 1>&2
        exit /b 1
    )
    echo Building Lunko; the first time this takes a minute or two... 1>&2
    if exist "%app%" rmdir /s /q "%app%"
    pushd "%home%"
    set "JAVA_HOME=!jdk!"
    call mvn -B -q -DskipTests -Dformatter.skip package > "%TEMP%\lunko-build.log" 2>&1
    if errorlevel 1 (
        popd
        echo Lunko could not be built; %TEMP%\lunko-build.log says why. Is there a connection to Maven Central? 1>&2
        exit /b 1
    )
    popd
    echo Making the next starts quicker... 1>&2
    call :start -XX:-AOTRecordTraining -XX:AOTCacheOutput="%cache%" lunko.desktop.Main rehearse >nul 2>&1
    echo built> "%built%"
)

call :start -XX:AOTCache="%cache%" lunko.desktop.Main %*
exit /b %errorlevel%

:start
"%jdk%\bin\java" "@%home%desktop\src\main\start\java.options" --module-path "%app%\javafx" --add-modules javafx.controls,javafx.swing -cp "%app%\lib\*" %*
exit /b %errorlevel%

rem Takes a folder as the JDK if its file "release" says version 25 or newer.
:try
if not exist "%~1\bin\javac.exe" exit /b
if not exist "%~1\release" exit /b
for /f tokens^=2^ delims^=^" %%v in ('findstr /b "JAVA_VERSION=" "%~1\release"') do for /f "delims=." %%m in ("%%v") do if %%m GEQ 25 set "jdk=%~f1"
exit /b
